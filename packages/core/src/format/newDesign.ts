import type { Design } from '../design.js';

/**
 * A design to begin with: three adult sizes of which only the bust is set (the rest is derived and said to be), plain
 * half double crochet at a common gauge, and a rib.
 */
export function newDesign(name: string): Design {
  return {
    format: 'upfell/design',
    version: 1,
    name,
    units: 'cm',
    graded: true,
    range: { even: 30 },
    sizes: [
      { id: 'S', label: 'S', group: 'adult', body: { bust: 86 } },
      { id: 'M', label: 'M', group: 'adult', body: { bust: 96 } },
      { id: 'L', label: 'L', group: 'adult', body: { bust: 106 } },
    ],
    fabrics: [
      {
        id: 'body',
        name: 'Half double crochet',
        hook: 5,
        gauge: { stitches: 16, stitchesOver: 10, rows: 11, rowsOver: 10 },
        rule: {
          flat: { multiple: 1, plus: 0 },
          round: { multiple: 1, plus: 0 },
          rows: { multiple: 1, plus: 0 },
        },
        stitch: 'hdc',
      },
      {
        id: 'rib',
        name: 'Rib, back loops',
        hook: 4,
        gauge: { stitches: 18, stitchesOver: 10, rows: 20, rowsOver: 10 },
        rule: {
          flat: { multiple: 1, plus: 0 },
          round: { multiple: 1, plus: 0 },
          rows: { multiple: 2, plus: 0 },
        },
        stitch: 'sc',
      },
    ],
    garment: {
      construction: 'drop-shoulder',
      fabric: 'body',
      widthLedBy: 'bust',
      ease: 10,
      belowWaist: 18,
      armholeEase: 3,
      neck: { width: null, drop: 7 },
      sleeve: { worked: 'up', wristEase: 6, shorter: 0, order: 'slow first', everyRow: 1 },
      hem: { fabric: 'rib', height: 5, gather: 1 },
      cuff: { fabric: 'rib', height: 5, gather: 1 },
    },
    pins: [],
  };
}

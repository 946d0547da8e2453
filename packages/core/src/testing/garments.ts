/** Each construction as a designer would open, band and shape it. */
export const GARMENTS: readonly [name: string, style: Record<string, unknown>][] = [
  ['drop shoulder', { construction: 'drop-shoulder', ease: 14 }],
  [
    'overlapped V cardigan',
    {
      construction: 'drop-shoulder',
      ease: 12,
      front: { style: 'overlap', width: 10 },
      neck: { shape: 'V', drop: 24 },
      neckband: { fabric: 'rib', height: 3, gather: 1 },
      sleeve: { worked: 'down' },
    },
  ],
  [
    'notched cardigan with bands, slit',
    {
      construction: 'notched',
      ease: 12,
      front: { style: 'band', width: 4, fabric: 'rib' },
      neckband: { fabric: 'rib', height: 3, gather: 0.95 },
      slit: 8,
      longerBack: 4,
      sleeve: { length: 'three-quarter' },
    },
  ],
  ['vest', { construction: 'vest', ease: 6, neck: { shape: 'scoop', drop: 10 } }],
  ['set-in pullover, caps worked', { construction: 'set-in', ease: 9, sleeve: { worked: 'up' } }],
  [
    'set-in cardigan, caps by short rows, waisted',
    {
      construction: 'set-in',
      ease: 10,
      front: { style: 'gap', width: 3 },
      neck: { shape: 'V', drop: 22 },
      body: { shape: 'waist', waistEase: 12 },
      sleeve: { worked: 'down', rounds: 'turned' },
    },
  ],
  [
    'A-line with a hood and balloon sleeves',
    {
      construction: 'drop-shoulder',
      ease: 14,
      body: { shape: 'A-line', hemEase: 26 },
      hood: { shape: 'shaped' },
      front: { style: 'band', width: 4, fabric: 'rib' },
      sleeve: { worked: 'down', rounds: 'joined', shape: 'balloon', fade: true },
    },
  ],
  ['side to side, sleeved', { construction: 'side-to-side', ease: 14, sleeve: {} }],
  [
    'side-to-side vest',
    {
      construction: 'side-to-side',
      ease: 10,
      sleeve: null,
      front: { style: 'gap', width: 5 },
      neck: { shape: 'V', drop: 15 },
    },
  ],
  ['over the shoulders', { construction: 'over-shoulders', ease: 14, neck: { drop: 8, shape: 'round' } }],
  [
    'two halves',
    {
      construction: 'two-halves',
      ease: 14,
      neck: { drop: 20, shape: 'V' },
      neckband: { fabric: 'rib', height: 3, gather: 1 },
    },
  ],
  ['rectangles', { construction: 'rectangles', front: {}, neck: {}, sleeve: {} }],
  ['raglan', { construction: 'raglan', sleeve: { worked: 'rounds' } }],
  [
    'raglan cardigan with bands',
    { construction: 'raglan', front: { style: 'band', width: 4, fabric: 'rib' }, sleeve: { worked: 'rows' } },
  ],
  ['round yoke', { construction: 'round-yoke', sleeve: { worked: 'rounds' } }],
  [
    'round-yoke cardigan, waisted',
    {
      construction: 'round-yoke',
      sleeve: { worked: 'rounds' },
      front: { style: 'gap', width: 3 },
      body: { shape: 'waist' },
    },
  ],
  ['tube', { construction: 'tube', ease: -7, belowWaist: 0, cord: true }],
];

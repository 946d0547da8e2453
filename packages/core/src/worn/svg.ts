import type { Figure } from './figure.js';
import { mirrored, smoothPath, straightPath } from './points.js';
import type { Worn, WornShape } from './shapes.js';

/** The outline of a figure's body, its arms and head, as the data of SVG paths. */
export function figurePaths({ torso, arm, head }: Figure): {
  torso: string;
  arms: readonly string[];
  head: Figure['head'];
} {
  return {
    torso: `${smoothPath([...torso, ...mirrored(torso).reverse()])}Z`,
    arms: [smoothPath(arm, true), smoothPath(mirrored(arm), true)],
    head,
  };
}

/** How each part of a worn garment is drawn. */
export const WORN_LOOK: Readonly<
  Record<WornShape['what'], { fill: string; opacity?: number; stroke: string; width: number; dash?: string }>
> = {
  body: { fill: '#f1e7d2', opacity: 0.93, stroke: '#20303a', width: 1.6 },
  sleeve: { fill: '#f1e7d2', opacity: 0.93, stroke: '#20303a', width: 1.6 },
  rib: { fill: '#e6d9bd', stroke: '#20303a', width: 1.2 },
  hood: { fill: '#f1e7d2', stroke: '#20303a', width: 1.4 },
  strap: { fill: '#f1e7d2', stroke: '#20303a', width: 1.2 },
  air: { fill: '#2c5f86', opacity: 0.15, stroke: 'none', width: 0 },
  seam: { fill: 'none', stroke: '#20303a', width: 1.1 },
  edge: { fill: 'none', stroke: '#20303a', width: 1.6 },
  line: { fill: 'none', stroke: '#20303a', width: 0.8, dash: '2 2.2' },
};

/** One part as the data of an SVG path. */
export const wornPath = ({ points, closed }: WornShape) => straightPath(points, closed);

/** What of a figure and its garment is seen: from the crown to below the hem, and as far as the arms reach. */
export function wornBox({ figure, ends, front, back }: Worn, margin = 3) {
  const points = [...front, ...back].flatMap((shape) => shape.points);
  const right = Math.max(figure.halfWidth - 3, ...points.map(([x]) => Math.abs(x))) + margin;
  const bottom = Math.min(
    figure.height,
    Math.max(
      figure.frame.levels.hip + figure.height * 0.05,
      figure.frame.shoulder[1] + ends.hem + figure.height * 0.08,
      ...points.map(([, y]) => y + margin),
    ),
  );
  return { left: -right, top: -margin, width: 2 * right, height: bottom + margin };
}

/** A garment on its figure as a picture by itself: the front, or front and back beside each other. */
export function wornSvg(
  worn: Worn,
  { views = ['front'], label }: { views?: readonly ('front' | 'back')[]; label: string },
): string {
  const box = wornBox(worn);
  const { torso, arms, head } = figurePaths(worn.figure);
  const px = (width: number) => Math.round(width * box.height * 0.3) / 100;
  const pen = (width: number, dash?: string) =>
    `stroke-width="${px(width)}"${dash ? ` stroke-dasharray="${dash.split(' ').map((part) => px(Number(part)))}"` : ''}`;
  const body = [
    ...[torso, ...arms].map((d) => `<path d="${d}"/>`),
    `<ellipse cy="${head.y}" rx="${head.rx}" ry="${head.ry}"/>`,
  ].join('');
  const drawn = views.map((view, i) => {
    const cloth = worn[view].map((shape) => {
      const { fill, opacity, stroke, width, dash } = WORN_LOOK[shape.what];
      return `<path d="${wornPath(shape)}" fill="${fill}"${opacity === undefined ? '' : ` fill-opacity="${opacity}"`} stroke="${stroke}" ${pen(width, dash)}/>`;
    });
    return `<g transform="translate(${i * box.width} 0)"><g fill="#fffdf7" stroke="#9a948a" ${pen(0.9)}>${body}</g>${cloth.join('')}</g>`;
  });
  return `<svg xmlns="http://www.w3.org/2000/svg" role="img" aria-label="${label.replace(/[<>&"]/g, '')}" viewBox="${[box.left, box.top, box.width * views.length, box.height].map((n) => Math.round(n * 10) / 10).join(' ')}" stroke-linejoin="round">${drawn.join('')}</svg>`;
}

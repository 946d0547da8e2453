/** Points of a drawing, cm; y goes down. */

export type Point = readonly [x: number, y: number];

export const mirrored = (points: readonly Point[]): Point[] => points.map(([x, y]) => [-x, y]);

/** The point a share of the way from one to another. */
export function mix(from: Point, to: Point, share: number): Point {
  return [from[0] + (to[0] - from[0]) * share, from[1] + (to[1] - from[1]) * share];
}

/** To a hundredth of a cm: less is not seen. */
const short = (cm: number) => String(Math.round(cm * 100) / 100);
const said = ([x, y]: Point) => `${short(x)},${short(y)}`;

/** Straight lines through points, as the data of an SVG path. */
export function straightPath(points: readonly Point[], closed = false): string {
  if (points.length === 0) return '';
  return `M${points.map(said).join('L')}${closed ? 'Z' : ''}`;
}

/** A smooth line through points (Catmull-Rom, as Bézier curves), as the data of an SVG path. */
export function smoothPath(points: readonly Point[], closed = false): string {
  const many = points.length;
  if (many < 3) return straightPath(points, closed);
  const at = (i: number) =>
    closed ? points[(i + many) % many]! : points[Math.max(0, Math.min(many - 1, i))]!;
  const pieces = Array.from({ length: closed ? many : many - 1 }, (_, i) => {
    const [before, from, to, after] = [at(i - 1), at(i), at(i + 1), at(i + 2)];
    const first: Point = [from[0] + (to[0] - before[0]) / 6, from[1] + (to[1] - before[1]) / 6];
    const second: Point = [to[0] - (after[0] - from[0]) / 6, to[1] - (after[1] - from[1]) / 6];
    return `C${said(first)} ${said(second)} ${said(to)}`;
  });
  return `M${said(points[0]!)}${pieces.join('')}${closed ? 'Z' : ''}`;
}

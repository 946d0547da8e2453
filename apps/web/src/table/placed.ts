/** What is laid on the table. All in px. */

export type Point = readonly [x: number, y: number];

export interface PlacedPiece {
  key: string;
  id: string;
  polygons: Point[][];
  /** Lines across the piece where another fabric begins. */
  changes: Point[][];
  /** Direction in which rows run, for the texture, and px from row to row. */
  rows: { across: boolean; step: number };
  centre: Point;
  width: number;
  height: number;
}

export interface PlacedJoin {
  id: string;
  threads: Point[][];
  /** Middle of the label. */
  label: Point;
  anchor: 'middle' | 'start' | 'end';
  /** What is eased in stands under the counts, where there is no width for one line. */
  stacked: boolean;
}

export interface Arrangement {
  /** px for each cm. */
  scale: number;
  pieces: PlacedPiece[];
  joins: PlacedJoin[];
  /** Middle of the neck's label. */
  neck: Point;
  /** Whether words must be few because the drawing is small. */
  compact: boolean;
}

/**
 * What pieces, edges and joins are to a garment, whatever its construction calls them: finishing, writing, assembly, tails, yarn and the table go
 * by these and never by ids. A construction with a role of its own adds it here, and every table below that must know it does not compile
 * until it does.
 */

/** The wearer's sides, and those of a piece as it lies. */
export type Side = 'left' | 'right';

/** A front lies mirrored to the back: its left is the wearer's right. */
export const OTHER: Readonly<Record<Side, Side>> = { left: 'right', right: 'left' };

/** What a piece is. */
export type PieceRole =
  | 'back'
  | 'front'
  /** One of two fronts. */
  | 'open front'
  /** Half a back and a front in one. */
  | 'half'
  /** Back and front in one, over the shoulders. */
  | 'back and front'
  /** A motif, and the sheet that many of it are joined to. */
  | 'square'
  | 'sheet'
  | 'sleeve'
  | 'yoke'
  | 'body'
  /** Edgings: worked onto or sewn to the edges of other pieces. */
  | 'neckband'
  | 'hem'
  | 'cuff'
  | 'armband'
  /** The band that can have buttonholes. */
  | 'front band'
  | 'centre band'
  /** Round fronts, neck and hem in one. */
  | 'border'
  | 'hood'
  | 'tube'
  | 'strap'
  | 'cord';

/** What an edge of a piece is. */
export type EdgeRole =
  | 'lower edge'
  | 'side'
  /** Row ends of a side that stay open below. */
  | 'slit'
  /** Row ends (or stitches) that run up to the shoulder. */
  | 'armhole'
  /** What is bound off or chained below the arm. */
  | 'underarm'
  | 'shoulder'
  | 'neck'
  | 'front edge'
  | 'centre back'
  /** Live stitches that go on as another piece, and where they do. */
  | 'back split'
  | 'front split'
  | 'sleeve split'
  | 'sleeve top'
  | 'sleeve seam'
  | 'wrist'
  /** Row ends at the top of a sleeve that go along the step of a notched armhole. */
  | 'sleeve step'
  | 'cap base'
  | 'cap edge'
  | 'cap top'
  /** The edge of a band that meets the garment, the one that lies outside, and its ends. */
  | 'joined'
  | 'free'
  | 'end'
  /** Of a hood: round the face, over the head, and where it is closed behind. */
  | 'face'
  | 'hood top'
  | 'hood crown'
  /** Of a tube: its seam, its upper edge, and where straps are sewn to that. */
  | 'back seam'
  | 'upper edge'
  | 'strap place'
  | 'strap end'
  | 'strap edge'
  | 'cord'
  /** Of a square: what meets its neighbours. */
  | 'square side';

/** What a join does. */
export type JoinRole =
  /** Squares to each other, in lines. */
  | 'squares'
  /** Live stitches of a yoke that go on as body or sleeve, and the chain that both share. */
  | 'split'
  | 'underarm'
  /** A band at the centre back, worked along one half and sewn to the other. */
  | 'centre band'
  | 'centre seam'
  | 'shoulder'
  /** The end of a rectangle along the side of another. */
  | 'end to side'
  | 'neckband'
  | 'neckband ends'
  | 'hood'
  | 'hood seam'
  | 'armhole'
  /** The steps of a notched armhole to the row ends at the top of the sleeve. */
  | 'armhole step'
  | 'side'
  | 'sleeve seam'
  | 'back seam'
  | 'armband'
  | 'armband ends'
  /** A piece picked up along the rib that it begins from. */
  | 'rib first'
  | 'hem'
  | 'hem ends'
  | 'cuff'
  | 'cuff ends'
  | 'front band'
  | 'border'
  | 'strap';

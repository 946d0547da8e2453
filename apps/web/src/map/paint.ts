import { create } from 'zustand';
import type { Draft } from 'immer';
import { placeOf, USUAL_COLOURS, type Design, type MappedSquare, type SquareColours } from '@upfell/core';
import { edit } from '../state/designStore';

/** What the hand does on the map: nothing of it belongs to the design. */
interface Paint {
  /** The kind that is placed; null takes a square back to the rule. */
  kind: string | null;
  /** Whether squares are placed in all sizes or in the chosen one alone. */
  scope: 'all' | 'size';
  /** Both sides are painted alike. */
  mirrored: boolean;
}

export const usePaint = create<Paint>()((): Paint => ({ kind: 'A', scope: 'all', mirrored: false }));

/** The colours of the squares in a document, made when they are not there. */
export function coloursIn(document: Draft<Design>): Draft<SquareColours> {
  const finishing = (document.finishing ??= {});
  return (finishing.squares ??= structuredClone(USUAL_COLOURS) as Draft<SquareColours>);
}

/** Strokes of the hand so far: each is one step of undo. */
let strokes = 0;

/** Begins a stroke. */
export function beginStroke(): void {
  strokes += 1;
}

/** Places the chosen kind in a square (and in its mirror image), or takes it back to the rule. */
export function paint(
  square: Pick<MappedSquare, 'layer' | 'row' | 'column'>,
  size: string,
  { kind, scope, mirrored }: Paint = usePaint.getState(),
): void {
  const own = placeOf(square);
  const places = mirrored ? [...new Set([own, placeOf({ ...square, column: -square.column })])] : [own];
  edit(
    `finishing.squares.placed, stroke ${strokes}`,
    (document) => {
      const colours = coloursIn(document);
      const ofSize = colours.placedIn?.[size];
      for (const place of places) {
        if (scope === 'size' && kind !== null) ((colours.placedIn ??= {})[size] ??= {})[place] = kind;
        else {
          // What was placed in this size alone would hide it.
          if (ofSize) delete ofSize[place];
          if (kind === null) {
            if (colours.placed) delete colours.placed[place];
          } else (colours.placed ??= {})[place] = kind;
        }
      }
      if (ofSize && Object.keys(ofSize).length === 0) delete colours.placedIn![size];
    },
    { joined: true },
  );
}

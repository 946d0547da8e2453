/** The steps of the work in working order; every one is open at any time. */
export const STEPS = [
  { id: 'body', label: 'Body' },
  { id: 'fabric', label: 'Fabric' },
  { id: 'shape', label: 'Shape' },
  /** Only of what is of squares. */
  { id: 'map', label: 'Map' },
  { id: 'table', label: 'Table' },
  { id: 'rows', label: 'Rows' },
  { id: 'joins', label: 'Joins' },
  { id: 'pattern', label: 'Pattern' },
  { id: 'makings', label: 'Makings' },
] as const;

export type StepId = (typeof STEPS)[number]['id'];

/** The steps that a garment has: only one of squares has a map. */
export function stepsOf(construction: string | undefined): readonly (typeof STEPS)[number][] {
  return STEPS.filter(({ id }) => id !== 'map' || construction === 'squares');
}

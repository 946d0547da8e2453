import type { Join } from '../joins/audit.js';

/** A step of putting a garment together. */
export interface AssemblyStep {
  id: string;
  title: string;
  /** What to do, in a sentence. */
  says: string;
  joins: readonly string[];
  /** Steps that must come before, each with the reason. */
  needs: readonly { step: string; why: string }[];
}

export interface Assembly {
  steps: readonly AssemblyStep[];
  /** Why the order wanted cannot be followed; then the usual one is given. */
  refused: readonly string[];
}

interface Kind {
  id: string;
  title: string;
  says: string;
  of: RegExp;
}

/** Steps in their usual order (common practice). */
const KINDS: readonly Kind[] = [
  {
    id: 'split',
    title: 'Body and sleeves from the yoke',
    says: 'Take up the live stitches of the yoke; the sleeves begin in the underside of the underarm chains.',
    of: /^(?:split|underarm)/,
  },
  {
    id: 'centre',
    title: 'Centre back',
    says: 'Work the band at the centre back along one half and join it to the other; try on and add or leave out rows.',
    of: /^centre/,
  },
  {
    id: 'shoulders',
    title: 'Shoulders',
    says: 'Join back and front at the shoulders, from the armhole to the neck.',
    of: /^shoulder/,
  },
  {
    id: 'neck',
    title: 'Neck',
    says: 'Edge the neck, its middle to the middle of the back.',
    of: /^(?:neckband|hood)/,
  },
  {
    id: 'sleeves',
    title: 'Sleeves',
    says: 'Set each sleeve in from the centre out: first centre to shoulder seam, then the ends, then what lies between.',
    of: /^(?:armhole|notch)/,
  },
  {
    id: 'sides',
    title: 'Sides and sleeve seams',
    says: 'Close side and sleeve on each side in one run, row to row; pin every tenth row first.',
    of: /^(?:side-|sleeve-seam|back-seam)/,
  },
  {
    id: 'armbands',
    title: 'Armhole ribs',
    says: 'Edge the armholes from the underarm round.',
    of: /^armband/,
  },
  { id: 'hem', title: 'Lower edge', says: 'Edge the lower edge and join the ends of its ribs.', of: /^hem/ },
  { id: 'cuffs', title: 'Cuffs', says: 'Edge the sleeves and close the cuffs.', of: /^cuff/ },
  {
    id: 'bands',
    title: 'Bands',
    says: 'Work the bands along the front edges.',
    of: /^band/,
  },
  {
    id: 'straps',
    title: 'Straps',
    says: 'Pin the straps, try on, and sew them where they sit snug.',
    of: /^strap/,
  },
  { id: 'rest', title: 'What is left', says: 'Join what is left.', of: /.*/ },
];

/**
 * The steps of putting a garment together: blocking first and ends last, between them what the joins ask for.
 *
 * @param joins every join of a size
 * @param wanted ids of steps in another order; what it leaves out follows in the usual order
 */
export function assemblyOf(joins: readonly Join[], wanted: readonly string[] = []): Assembly {
  const steps = usualSteps(joins);
  const inner = steps.map(({ id }) => id);
  const order = [...wanted.filter((id) => inner.includes(id)), ...inner.filter((id) => !wanted.includes(id))];
  const sorted = order.map((id) => steps.find((step) => step.id === id)!);
  const refused = sorted.flatMap((step, i) =>
    step.needs
      .filter(({ step: needed }) => sorted.findIndex(({ id }) => id === needed) > i)
      .map(({ step: needed, why }) => {
        const other = steps.find(({ id }) => id === needed)!;
        return `${other.title} must come before ${step.title.toLowerCase()}: ${why}.`;
      }),
  );
  return { steps: refused.length > 0 ? steps : sorted, refused };
}

function usualSteps(joins: readonly Join[]): AssemblyStep[] {
  const groups = new Map<string, Join[]>(KINDS.map(({ id }) => [id, []]));
  for (const join of joins) groups.get(KINDS.find(({ of }) => of.test(join.id))!.id)!.push(join);
  const has = (id: string) => (groups.get(id)?.length ?? 0) > 0;
  const flat = joins.some(({ id }) => id.startsWith('sleeve-seam'));
  const picked = (groups.get('sleeves') ?? []).some(({ kind }) => kind === 'pick-up');
  const rounds = picked && !flat;
  const along = (id: string, edge: RegExp) =>
    groups.get(id)!.some(({ b }) => b.some((side) => edge.test(side.edge)));
  const needsOf = (id: string): AssemblyStep['needs'] => {
    const needs: [step: string, why: string, when: boolean][] =
      ({
        neck: [['shoulders', 'it runs over the shoulder seams', true]],
        sleeves: [
          ['shoulders', 'the centre of the sleeve meets the shoulder seam', true],
          ['sides', 'the sleeve is worked in rounds from a closed armhole', rounds],
        ],
        sides: [['sleeves', 'the sleeves are set in flat, and side and sleeve are closed in one run', flat]],
        armbands: [
          ['shoulders', 'they run over the shoulder seams', true],
          ['sides', 'they run round the whole armhole', true],
        ],
        bands: [
          ['neck', 'they run over its ends', along('bands', /^neckband/)],
          ['hem', 'they run over its ends', along('bands', /^hem/)],
        ],
      }[id] as [string, string, boolean][] | undefined) ?? [];
    return [
      { step: 'block', why: 'blocked pieces lie flat and measure what they will measure' },
      ...needs.filter(([step, , when]) => when && has(step)).map(([step, why]) => ({ step, why })),
    ];
  };
  const kinds = KINDS.map(({ id }) => id);
  const usual = rounds ? swapped(kinds, 'sleeves', 'sides') : kinds;
  const inner = usual.filter(has).map((id): AssemblyStep => {
    const kind = KINDS.find((one) => one.id === id)!;
    return {
      id,
      title: kind.title,
      says: kind.says,
      ...(id === 'sleeves' && picked
        ? { says: 'Work each sleeve from the stitches picked up round the armhole.' }
        : {}),
      ...(id === 'neck' && joins.some((join) => join.id === 'neckband-seam')
        ? { says: `${kind.says} After three rounds try it on: does the head pass?` }
        : {}),
      ...(id === 'bands' ? { says: bandsOver(along('bands', /^hem/), along('bands', /^neckband/)) } : {}),
      ...(id === 'sides' ? sideSeams(groups.get(id)!) : {}),
      joins: groups.get(id)!.map((join) => join.id),
      needs: needsOf(id),
    };
  });
  return [
    {
      id: 'block',
      title: 'Block the pieces',
      says: 'Wash and pin every piece to its measurements; let it dry.',
      joins: [],
      needs: [],
    },
    ...inner,
    {
      id: 'ends',
      title: 'Ends',
      says: 'Weave in the ends that no seam has used.',
      joins: [],
      needs: inner.map(({ id }) => ({ step: id, why: 'its tails are still wanted' })),
    },
  ];
}

/** How front bands go, over the ends of the ribs that there are. */
function bandsOver(hem: boolean, neckband: boolean): string {
  const ribs = [...(hem ? ['hem'] : []), ...(neckband ? ['neckband'] : [])];
  return ribs.length > 0
    ? `Work the bands along the front edges, over the ends of ${ribs.join(' and ')}.`
    : 'Work the bands along the front edges.';
}

/** What the step of the side seams is called: with the sleeves in one run, the sides alone, or a tube's one seam. */
function sideSeams(joins: readonly Join[]): { title?: string; says?: string } {
  if (joins.some(({ id }) => id.startsWith('sleeve-seam'))) return {};
  if (joins.some(({ id }) => id.startsWith('side-')))
    return {
      title: 'Side seams',
      says: 'Close the sides from the lower edge up; pin every tenth row first.',
    };
  return { title: 'Back seam', says: 'Close the seam at the centre back, row to row.' };
}

/** A list with two of its entries changed over. */
function swapped(list: readonly string[], one: string, other: string): string[] {
  return list.map((id) => (id === one ? other : id === other ? one : id));
}

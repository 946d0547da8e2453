import type { Join } from '../joins/audit.js';
import { stepOfTouch, type Touch } from './touches.js';
import type { JoinRole } from '../joins/roles.js';

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

/** Which step each kind of join belongs to. */
const STEP_OF: Readonly<Record<JoinRole, StepId>> = {
  squares: 'squares',
  split: 'split',
  'rib first': 'ribs',
  underarm: 'split',
  'centre band': 'centre',
  'centre seam': 'centre',
  shoulder: 'shoulders',
  'end to side': 'rectangles',
  neckband: 'neck',
  'neckband ends': 'neck',
  hood: 'neck',
  'hood seam': 'neck',
  armhole: 'sleeves',
  'armhole step': 'sleeves',
  side: 'sides',
  'sleeve seam': 'sides',
  'back seam': 'sides',
  armband: 'armbands',
  'armband ends': 'armbands',
  hem: 'hem',
  'hem ends': 'hem',
  cuff: 'cuffs',
  'cuff ends': 'cuffs',
  'front band': 'bands',
  border: 'border',
  strap: 'straps',
};

/** Steps in their usual order (common practice). */
const STEPS = {
  ribs: {
    title: 'From the ribs up',
    says: 'Each piece has begun from its rib, picked up along the row ends of it.',
  },
  squares: {
    title: 'Squares',
    says: 'Lay the squares out by the map and join them in long lines: all lines across, each from end to end, then all lines down, without cutting the yarn where four corners meet.',
  },
  split: {
    title: 'Where parts go on',
    says: 'Take up the live stitches where the parts come apart.',
  },
  centre: {
    title: 'Centre back',
    says: 'Work the band at the centre back along one half and join it to the other; try on and add or leave out rows.',
  },
  rectangles: {
    title: 'End to side',
    says: 'Lay the end of each rectangle along the end of the other’s side, pin it at both ends and the middle, and sew it.',
  },
  shoulders: {
    title: 'Shoulders',
    says: 'Join back and front at the shoulders, from the armhole to the neck.',
  },
  neck: { title: 'Neck', says: 'Edge the neck, its middle to the middle of the back.' },
  sleeves: {
    title: 'Sleeves',
    says: 'Set each sleeve in from the centre out: first centre to shoulder seam, then the ends, then what lies between.',
  },
  sides: {
    title: 'Sides and sleeve seams',
    says: 'Close side and sleeve on each side in one run, row to row; pin every tenth row first.',
  },
  armbands: { title: 'Armhole ribs', says: 'Edge the armholes from the underarm round.' },
  hem: { title: 'Lower edge', says: 'Edge the lower edge and join the ends of its ribs.' },
  cuffs: { title: 'Cuffs', says: 'Edge the sleeves and close the cuffs.' },
  bands: { title: 'Bands', says: 'Work the bands along the front edges.' },
  border: { title: 'Border', says: 'Work the border round fronts, neck and lower edge in one.' },
  touches: {
    title: 'Gathered, tied and steadied',
    says: 'Draw in what is gathered, sew the ties on, thread the cords.',
  },
  straps: { title: 'Straps', says: 'Pin the straps, try on, and sew them where they sit snug.' },
};
type StepId = keyof typeof STEPS;
const USUAL_ORDER = Object.keys(STEPS) as StepId[];

/**
 * The steps of putting a garment together: blocking first and ends last, between them what the joins ask for.
 *
 * @param joins every join of a size
 * @param wanted ids of steps in another order; what it leaves out follows in the usual order
 * @param touches what is done besides its seams: what has no step of seams has one of its own
 */
export function assemblyOf(
  { joins, touches = [] }: { joins: readonly Join[]; touches?: readonly Touch[] },
  wanted: readonly string[] = [],
): Assembly {
  const steps = usualSteps(joins, touches);
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

function usualSteps(joins: readonly Join[], touches: readonly Touch[]): AssemblyStep[] {
  const there = (role: JoinRole) => joins.some((join) => join.role === role);
  // A round is picked up along a ring: the rib's ends are joined before.
  const ringFirst = (join: Join) => isRibRing(join) && there('rib first');
  const stepOf = (join: Join) => (ringFirst(join) ? 'ribs' : STEP_OF[join.role]);
  const inStep = (id: StepId) =>
    joins.filter((join) => stepOf(join) === id).sort((a, b) => Number(ringFirst(b)) - Number(ringFirst(a)));
  const has = (id: StepId) => inStep(id).length > 0;
  const flat = there('sleeve seam');
  const picked = inStep('sleeves').some(({ kind }) => kind === 'pick-up');
  const rounds = picked && !flat;
  /** Whether the front bands run over the ends of a band that is joined so. */
  const over = (role: 'neckband' | 'hem') => bandsRunOver(joins, role);
  const alongNeck = inStep('neck').flatMap(({ b }) => b.map(({ role }) => role));
  const needs: Partial<Record<StepId, [step: StepId, why: string, when: boolean][]>> = {
    neck: [
      ['shoulders', 'it runs over the shoulder seams', true],
      ['rectangles', 'it runs over the seams between the rectangles', true],
      ['sides', 'it runs over the seam', alongNeck.some((role) => role === 'upper edge')],
      ['straps', 'it runs along the straps', alongNeck.some((role) => role === 'strap edge')],
    ],
    sleeves: [
      ['shoulders', 'the centre of the sleeve meets the shoulder seam', true],
      ['sides', 'the sleeve is worked in rounds from a closed armhole', rounds],
    ],
    sides: [['sleeves', 'the sleeves are set in flat, and side and sleeve are closed in one run', flat]],
    armbands: [
      ['shoulders', 'they run over the shoulder seams', true],
      ['sides', 'they run round the whole armhole', true],
    ],
    hem: [
      ['sides', 'it goes round the whole lower edge', inStep('hem').some(({ kind }) => kind === 'pick-up')],
    ],
    cuffs: [
      ['sides', 'it goes round the closed sleeve', inStep('cuffs').some(({ kind }) => kind === 'pick-up')],
    ],
    border: [
      ['shoulders', 'it runs over the shoulder seams', true],
      ['sides', 'it runs over the side seams', true],
    ],
    bands: [
      ['neck', 'they run over its ends', over('neckband')],
      ['hem', 'they run over its ends', over('hem')],
    ],
  };
  const usual = rounds ? swapped(USUAL_ORDER, 'sleeves', 'sides') : USUAL_ORDER;
  const seamed = usual.filter(has);
  const apart = touches.some((touch) => !seamed.some((id) => id === stepOfTouch(touch)));
  const inner = [...seamed, ...(apart ? (['touches'] as const) : [])].map((id): AssemblyStep => {
    const { title, says } = STEPS[id];
    return {
      id,
      title,
      says,
      ...(id === 'sleeves' && picked
        ? { says: 'Work each sleeve from the stitches picked up round the armhole.' }
        : {}),
      ...(id === 'neck' && there('neckband ends')
        ? { says: `${says} After three rounds try it on: does the head pass?` }
        : {}),
      ...(id === 'ribs' && inStep('ribs').some(isRibRing)
        ? {
            says: 'The rib’s ends are joined to a ring, and the piece has begun from it, picked up along its row ends.',
          }
        : {}),
      ...(id === 'split' && there('underarm')
        ? {
            title: 'Body and sleeves from the yoke',
            says: 'Take up the live stitches of the yoke; the sleeves begin in the underside of the underarm chains.',
          }
        : {}),
      ...(id === 'hem' && !inStep('hem').some(({ role }) => role === 'hem ends')
        ? { says: 'Edge the lower edge.' }
        : {}),
      ...(id === 'cuffs' && !there('cuff ends') ? { says: 'Edge the ends of the sleeves.' } : {}),
      ...(id === 'armbands' && !there('armband ends') ? { says: 'Edge the armholes.' } : {}),
      ...(id === 'bands' ? { says: bandsOver(over('hem'), over('neckband')) } : {}),
      ...(id === 'sides' ? sideSeams(there) : {}),
      joins: inStep(id).map((join) => join.id),
      needs: [
        { step: 'block', why: 'blocked pieces lie flat and measure what they will measure' },
        ...(needs[id] ?? [])
          .filter(([step, , when]) => when && has(step))
          .map(([step, why]) => ({ step, why })),
      ],
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
    ...inFeasibleOrder(inner),
    {
      id: 'ends',
      title: 'Ends',
      says: 'Weave in the ends that no seam has used.',
      joins: [],
      needs: inner.map(({ id }) => ({ step: id, why: 'its tails are still wanted' })),
    },
  ];
}

/** Both ends of one hem rib. */
function isRibRing({ role, side }: Join): boolean {
  return role === 'hem ends' && !side;
}

/** Steps in their usual order, but each behind those that it needs. */
function inFeasibleOrder(steps: readonly AssemblyStep[]): AssemblyStep[] {
  const left = [...steps];
  const done: AssemblyStep[] = [];
  while (left.length > 0) {
    const next = left.findIndex(({ needs }) =>
      needs.every(({ step }) => !left.some(({ id }) => id === step)),
    );
    done.push(...left.splice(Math.max(0, next), 1));
  }
  return done;
}

/** How front bands go, over the ends of the ribs or edgings that there are. */
function bandsOver(hem: boolean, neck: boolean): string {
  const places = [...(hem ? ['hem'] : []), ...(neck ? ['neck'] : [])];
  return places.length > 0
    ? `Work the bands along the front edges, over the ends of the edging at the ${places.join(' and ')}.`
    : 'Work the bands along the front edges.';
}

/** Whether the front bands run over the ends of the bands that are joined so. */
function bandsRunOver(joins: readonly Join[], role: JoinRole): boolean {
  const bands = joins.filter((join) => join.role === role).flatMap(({ a }) => a.map(({ piece }) => piece));
  return joins.some(
    (join) => join.role === 'front band' && join.b.some(({ piece }) => bands.includes(piece)),
  );
}

/** What the step of the side seams is called: with the sleeves in one run, the sides alone, or a tube's one seam. */
function sideSeams(there: (role: JoinRole) => boolean): { title?: string; says?: string } {
  if (there('sleeve seam')) return {};
  if (there('side'))
    return {
      title: 'Side seams',
      says: there('squares')
        ? 'Close the sides from the lower edge up, square to square.'
        : 'Close the sides from the lower edge up; pin every tenth row first.',
    };
  return { title: 'Back seam', says: 'Close the seam at the centre back.' };
}

/** A list with two of its entries changed over. */
function swapped<T>(list: readonly T[], one: T, other: T): T[] {
  return list.map((id) => (id === one ? other : id === other ? one : id));
}

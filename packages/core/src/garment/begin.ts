import type { Group } from '../body/measurements.js';
import type { ChartOrigin } from '../chart/chart.js';
import type { Design, Garment, Size } from '../design.js';
import type { Fabric } from '../fabric/fabric.js';
import { fieldAt } from '../fields/words.js';
import { newDesign } from '../format/newDesign.js';
import { changedGarment } from './change.js';
import { constructionOf } from './registry.js';

/** How a garment sits at the bust: the usual classes of ease. */
export type EaseClass = 'very close' | 'close' | 'classic' | 'loose' | 'oversized';

/** What a design is begun with; all of it can be changed later. */
export interface Beginning {
  name: string;
  /** A design whose garment, sizes and fabrics are taken where nothing else is said. */
  from?: Design;
  construction: string;
  /** Fields of the garment by their paths: `front.style`, `neck.shape`, `sleeve.length`. Those that the construction does not have are left out. */
  fields?: Readonly<Record<string, unknown>>;
  /** The bodies, with the chart that they come from. */
  sizes?: readonly Size[];
  chart?: ChartOrigin;
  /** Takes the place of the body's fabric. */
  fabric?: Fabric;
  sits?: EaseClass;
}

/** The middle of each class of ease at an adult's bust, cm (common practice; Craft Yarn Council, from memory). */
const EASE: Readonly<Record<EaseClass, number>> = {
  'very close': -6,
  close: 4,
  classic: 8,
  loose: 12,
  oversized: 22,
};
/** Children are smaller, and so are the eases they wear (common practice). */
const OF_GROUP: Readonly<Record<Group, number>> = { adult: 1, child: 0.75, baby: 0.6 };

/** Usual lengths to begin with where a garment is for children, cm (common practice); those of adults are the fields' own. */
const LENGTHS: Readonly<Record<Group, Readonly<Record<string, number>>>> = {
  adult: {},
  child: {
    belowWaist: 11,
    armholeEase: 2.5,
    'neck.drop': 5,
    'sleeve.wristEase': 4,
    'hem.height': 4,
    'cuff.height': 4,
  },
  baby: {
    belowWaist: 7,
    armholeEase: 2,
    'neck.drop': 4,
    'sleeve.wristEase': 4,
    'hem.height': 2.5,
    'cuff.height': 2.5,
  },
};

/** The ease of a class for a group, cm. */
export function easeOf(sits: EaseClass, group: Group): number {
  return Math.round(EASE[sits] * OF_GROUP[group] * 2) / 2;
}

/**
 * A design to begin with: a garment of a construction with its usual figures for whom it is made.
 *
 * @throws RangeError when there is no such construction
 */
export function begunDesign(wish: Beginning): Design {
  const construction = constructionOf(wish.construction);
  if (!construction) throw new RangeError(`there is no construction ${wish.construction}`);
  const base = wish.from ?? newDesign(wish.name);
  const sizes = wish.sizes ?? base.sizes;
  const { group } = sizes[0]!;
  const fabrics = wish.fabric
    ? base.fabrics.map((fabric) =>
        fabric.id === base.garment['fabric'] ? { ...wish.fabric!, id: fabric.id } : fabric,
      )
    : base.fabrics;
  const garment: Garment = wish.from
    ? changedGarment({ ...base, fabrics }, wish.construction).garment
    : ({ construction: wish.construction, fabric: base.garment['fabric'] } as Garment);
  const put = (path: string, value: unknown) => {
    if (fieldAt(construction.fields, path)) set(garment, path.split('.'), value);
  };
  if (!wish.from) for (const [path, cm] of Object.entries(LENGTHS[group])) put(path, cm);
  if (wish.sits) put('ease', easeOf(wish.sits, group));
  for (const [path, value] of Object.entries(wish.fields ?? {})) put(path, value);
  const { chart: _, ...rest } = base;
  return {
    ...rest,
    name: wish.name,
    sizes,
    ...(wish.chart ? { chart: wish.chart } : !wish.sizes && base.chart ? { chart: base.chart } : {}),
    fabrics,
    garment,
    // What was held was held for other sizes or another garment.
    pins: [],
  };
}

/** Sets a field; a part that was left out is there then. */
function set(at: Record<string, unknown>, [key, ...rest]: string[], value: unknown): void {
  if (rest.length === 0) {
    at[key!] = value;
    return;
  }
  const inner = at[key!];
  // A part that is left out altogether stays out: its figures have no place.
  if (inner === null) return;
  const own = typeof inner === 'object' ? { ...inner } : {};
  at[key!] = own;
  set(own as Record<string, unknown>, rest, value);
}

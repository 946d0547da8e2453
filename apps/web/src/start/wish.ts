import {
  begunDesign,
  constructionOf,
  fieldAt,
  originOf,
  toSwatchLater,
  USUAL_YARNS,
  type Body,
  type Design,
  type EaseClass,
  type Fabric,
  type Group,
  type Size,
  type SizeChart,
} from '@upfell/core';

/** One person as a start asks for them. */
export interface Someone {
  name: string;
  group: Group;
  body: Body;
}

/** For whom a design is begun. */
export type Whom =
  | { kind: 'chart'; id: string; chart: SizeChart; revision?: number; first: number; last: number }
  | { kind: 'people'; people: readonly Someone[] }
  /** As the design has it that it is begun from, or as a new one has it. */
  | { kind: 'as it is' };

/** What it is made in. */
export type What =
  { kind: 'fabric'; id: string; fabric: Fabric } | { kind: 'later'; yarn: string } | { kind: 'as it is' };

/** All that is chosen before there is a design. */
export interface Wish {
  name: string;
  from: Design | null;
  construction: string;
  fields: Readonly<Record<string, string>>;
  whom: Whom;
  what: What;
  sits: EaseClass | null;
  /** An ease of one's own at the round that leads, cm. */
  ease?: number | undefined;
}

/** Choices of the garment that a start asks for, as far as its construction has them. */
export const ASKED = ['front.style', 'neck.shape', 'sleeve.length'] as const;

/** The options of the choices that a construction has. */
export function askedOf(construction: string) {
  const { fields } = constructionOf(construction)!;
  return ASKED.flatMap((path) => {
    const field = fieldAt(fields, path);
    return field?.kind === 'choice'
      ? [
          {
            path,
            label: { 'front.style': 'Front', 'neck.shape': 'Neck', 'sleeve.length': 'Sleeves' }[path],
            options: field.options.map(({ value, label }) => ({ value: String(value), label })),
          },
        ]
      : [];
  });
}

/** The sizes that are wished for; undefined where they stay as they are. */
export function sizesOf(whom: Whom): readonly Size[] | undefined {
  if (whom.kind === 'chart') return whom.chart.sizes.slice(whom.first, whom.last + 1);
  if (whom.kind === 'as it is') return undefined;
  const people = whom.people.filter(({ body }) => Object.keys(body).length > 0);
  if (people.length === 0) return undefined;
  const taken = new Set<string>();
  return people.map(({ name, group, body }, i): Size => {
    const label = name.trim() || `Person ${i + 1}`;
    let id =
      label
        .replace(/[^A-Za-z0-9-]+/g, '-')
        .replace(/^-|-$/g, '')
        .slice(0, 30) || `p${i + 1}`;
    while (taken.has(id)) id = `${id}-${i + 1}`;
    taken.add(id);
    return { id, label, group, body };
  });
}

/** The usual name of what is begun: "New raglan". */
export const usualName = (construction: string) =>
  `New ${lowered(constructionOf(construction)!.label.split(/,| from the| of a| joined/)[0]!)}`;
const lowered = (label: string) => label.charAt(0).toLowerCase() + label.slice(1);

/** The design that a wish comes to. */
export function designOf(wish: Wish): Design {
  const { whom, what, from } = wish;
  const sizes = sizesOf(whom);
  return begunDesign({
    name: wish.name.trim() || usualName(wish.construction),
    ...(from ? { from } : {}),
    construction: wish.construction,
    fields: { ...wish.fields, ...(wish.ease === undefined ? {} : { ease: wish.ease }) },
    ...(sizes ? { sizes } : {}),
    ...(whom.kind === 'chart' ? { chart: originOf(whom.id, whom.chart, whom.revision) } : {}),
    ...(what.kind === 'fabric'
      ? { fabric: what.fabric }
      : what.kind === 'later'
        ? { fabric: toSwatchLater(USUAL_YARNS.find(({ id }) => id === what.yarn)!) }
        : {}),
    ...(wish.sits ? { sits: wish.sits } : {}),
  });
}

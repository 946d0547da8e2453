/** What a line begins with that is looked for on the page: the row, a step, a stitch of the key. */
const LEAD =
  /^((?:Rows?|Rnds?|ROWS?|RNDS?)(?: [\d–][^:]*?(?=, about|:|$)|(?= ?$))|(?:Increase|Decrease|Shaping) (?:row|rnd)(?=:)|\d+\. [^:]+(?=:)|(?!Yarn |Stripes |Place|To |Sizes? |Pin |Of |Ease|Stretch|Above|Below|After )[^:.“]{2,60}(?=: ))([^]*)$/;

/** A line's beginning that stands out, and the rest; an empty beginning where nothing does. */
export function leadOf(text: string): readonly [lead: string, rest: string] {
  const [, lead, rest] = LEAD.exec(text) ?? [];
  return lead === undefined ? ['', text] : [lead, rest!];
}

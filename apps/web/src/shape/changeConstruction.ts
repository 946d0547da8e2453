import { constructionOf, type Design, type Garment } from '@upfell/core';
import { edit } from '../state/designStore';

/** What a change of construction makes of a design: the garment, and what of the old one it has no use for, in words. */
export interface Changed {
  garment: Garment;
  /** Choices that the new construction cannot take: each gets its usual one. */
  usual: string[];
  /** Kept in the design for the way back, but without effect. */
  unused: string[];
  /** Held counts that are let go. */
  held: number;
}

/** Fields of a garment as people call them. */
const WORDS: Record<string, string> = {
  'neck.shape': 'the line of the neck',
  'sleeve.worked': 'how the sleeve is worked',
  armhole: 'the shape of the armhole',
  armholeEase: 'the armhole’s ease',
  armband: 'the armhole rib',
  upper: 'the fabric from the underarm up',
  measured: 'the measures of the rectangles',
  hood: 'the hood',
  collar: 'the high collar',
  centre: 'the band at the centre back',
  straps: 'the straps',
  cord: 'the draw cord',
  above: 'what goes above the underarm',
  front: 'the opening of the front',
  neck: 'the neck',
  neckband: 'the neckband',
  slit: 'the side slit',
  longerBack: 'the longer back',
  sleeve: 'the sleeves',
  cuff: 'the cuff rib',
  line: 'the raglan lines',
  rates: 'the rates of increase',
  increases: 'the increase rounds',
  underarm: 'the underarm chain',
  depthEase: 'the depth of the yoke',
  rounds: 'how rounds close',
  body: 'the shape of the body',
};

/**
 * The garment under another construction. Everything that the new one can read stays: eases, lengths, fabrics, bands. A word
 * that it cannot take gets its usual choice.
 */
export function changed(document: Pick<Design, 'garment' | 'fabrics' | 'pins'>, id: string): Changed {
  const construction = constructionOf(id)!;
  const fabrics = document.fabrics.map((fabric) => fabric.id);
  const garment = JSON.parse(JSON.stringify({ ...document.garment, construction: id })) as Garment;
  const usual: string[] = [];
  // Reading tells which fields the construction cannot take; each is left to its usual choice.
  for (let again = true; again;) {
    const problems: { path: string }[] = [];
    construction.readStyle(garment, fabrics, problems as never);
    again = false;
    for (const { path } of problems) {
      const keys = path.split('.').slice(1);
      if (!remove(garment, keys)) continue;
      usual.push(WORDS[keys.join('.')] ?? WORDS[keys[0]!] ?? keys.join(' '));
      again = true;
    }
  }
  const style = construction.readStyle(garment, fabrics, []) as Record<string, unknown>;
  const unused = Object.keys(garment).filter(
    (key) => key in WORDS && garment[key] !== null && garment[key] !== false && (style[key] ?? null) === null,
  );
  return {
    garment,
    usual: [...new Set(usual)],
    unused: unused.map((key) => WORDS[key]!),
    held: document.pins.length,
  };
}

/** Takes another construction, as one step of undo; held counts are let go. */
export function changeConstruction(id: string): string | null {
  return edit('garment.construction', (document) => {
    document.garment = changed(document as Design, id).garment;
    document.pins = [];
  });
}

/** What a change gives up, as one sentence; null where it gives up nothing. */
export function givenUp({ usual, unused, held }: Changed): string | null {
  const parts = [
    ...(unused.length > 0 ? [`has no use for ${listed(unused)}`] : []),
    ...(usual.length > 0 ? [`takes its usual choice for ${listed(usual)}`] : []),
    ...(held > 0 ? [`lets go of ${held === 1 ? 'one held count' : `${held} held counts`}`] : []),
  ];
  return parts.length > 0 ? `It ${parts.join('; it ')}.` : null;
}

function listed(words: readonly string[]): string {
  return words.length > 1 ? `${words.slice(0, -1).join(', ')} and ${words.at(-1)}` : (words[0] ?? '');
}

/** Takes the field at a path out; whether it was there. */
function remove(from: Record<string, unknown>, [key, ...rest]: string[]): boolean {
  if (key === undefined || !(key in from)) return false;
  const inner = from[key];
  if (rest.length > 0 && typeof inner === 'object' && inner !== null)
    return remove(inner as Record<string, unknown>, rest);
  delete from[key];
  return true;
}

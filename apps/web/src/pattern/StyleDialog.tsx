import { toast } from 'sonner';
import { HOUSE_WAYS, SKILLS, USUAL_STYLE, type HouseStyle, type Skill } from '@upfell/core';
import { edit, useDesign } from '../state/designStore';
import { setTerms } from '../state/view';
import { setHouseStyle, useStudio } from '../state/studio';
import { Modal } from '../ui/Modal';

type Setting = keyof HouseStyle;

/** What the settings are called, and an example of each way. */
const SETTINGS: { readonly [K in Setting]: { label: string; ways: Record<HouseStyle[K], string> } } = {
  sizes: { label: 'Figures of several sizes', ways: { brackets: '72 (78, 86)', slashes: '72/78/86' } },
  shaping: {
    label: 'Shaping that differs by size',
    ways: { tables: 'in tables', sentences: 'in the sentence' },
  },
  rows: {
    label: 'Shaping of one size alone',
    ways: { 'row by row': 'row by row', condensed: 'condensed: how often, in which rows' },
  },
  stitches: { label: 'Stitches', ways: { sts: 'st, sts', stitches: 'stitch, stitches' } },
  rowNames: { label: 'Names of rows', ways: { Row: 'Row 5, Rnd 5', ROW: 'ROW 5, RND 5' } },
  counts: {
    label: 'Counts after rows',
    ways: { 'round brackets': '(72 sts)', 'square brackets': '[72 sts]', dash: '— 72 sts' },
  },
  countAt: {
    label: 'Where counts stand',
    ways: { end: 'at the end of the line', beginning: 'after the row’s number' },
  },
  lengths: { label: 'Lengths', ways: { 'one unit': 'in one unit', 'both units': 'in cm and in inches' } },
  terms: { label: 'Names of stitches', ways: { us: 'US terms', uk: 'UK terms' } },
};

const AS_STUDIO = '';

/** How patterns are written: for all designs of the studio, and otherwise for this one. */
export function StyleDialog({ onClose }: { onClose: () => void }) {
  const studio = useStudio(({ style }) => style) ?? {};
  const words = useDesign(({ document }) => document?.words);
  const own: Partial<HouseStyle> = words?.style ?? {};
  /** Terms that were switched to for a look give way to those that are chosen. */
  const seen = (key: Setting) => key === 'terms' && setTerms(null);
  const forAll = async (key: Setting, way: string) => {
    seen(key);
    const { [key]: _, ...others } = studio;
    try {
      await setHouseStyle(way === USUAL_STYLE[key] ? others : { ...others, [key]: way });
    } catch (error) {
      toast.error(`The style could not be kept: ${(error as Error).message}`);
    }
  };
  const forThis = (key: Setting, way: string) => {
    seen(key);
    edit(`words.style.${key}`, (document) => {
      const said = (document.words ??= {});
      const { [key]: _, ...others } = said.style ?? {};
      const next = way === AS_STUDIO ? others : { ...others, [key]: way };
      if (Object.keys(next).length === 0) delete said.style;
      else said.style = next;
    });
  };
  return (
    <Modal
      open
      wide
      title="How patterns are written"
      description="The studio’s way holds for all designs; a design may have its own. The text is proven in whatever style it has."
      onClose={onClose}
    >
      <table className="w-full border-collapse">
        <thead>
          <tr className="border-b border-line text-left text-[13px] text-soft">
            <th scope="col" className="py-1 pr-3 font-normal" />
            <th scope="col" className="py-1 pr-3 font-normal">
              The studio
            </th>
            <th scope="col" className="py-1 font-normal">
              This design
            </th>
          </tr>
        </thead>
        <tbody>
          {(Object.keys(SETTINGS) as Setting[]).map((key) => {
            const { label, ways } = SETTINGS[key];
            const names = ways as Record<string, string>;
            const usual = studio[key] ?? USUAL_STYLE[key];
            return (
              <tr key={key} className="border-b border-line">
                <th scope="row" className="py-1.5 pr-3 text-left font-normal">
                  {label}
                </th>
                <td className="py-1.5 pr-3">
                  <Ways
                    label={`${label}, the studio`}
                    value={usual}
                    ways={HOUSE_WAYS[key].map((way) => [way, names[way]!])}
                    put={(way) => void forAll(key, way)}
                  />
                </td>
                <td className="py-1.5">
                  <Ways
                    label={`${label}, this design`}
                    value={own[key] ?? AS_STUDIO}
                    ways={[
                      [AS_STUDIO, `as the studio: ${names[usual]}`],
                      ...HOUSE_WAYS[key].map((way) => [way, names[way]!] as const),
                    ]}
                    put={(way) => forThis(key, way)}
                  />
                </td>
              </tr>
            );
          })}
          <tr>
            <th scope="row" className="py-1.5 pr-3 text-left font-normal">
              Skill
            </th>
            <td />
            <td className="py-1.5">
              <Ways
                label="Skill"
                value={words?.skill ?? AS_STUDIO}
                ways={[[AS_STUDIO, 'by its techniques'], ...SKILLS.map((skill) => [skill, skill] as const)]}
                put={(way) =>
                  edit('words.skill', (document) => {
                    const said = (document.words ??= {});
                    if (way === AS_STUDIO) delete said.skill;
                    else said.skill = way as Skill;
                  })
                }
              />
            </td>
          </tr>
        </tbody>
      </table>
    </Modal>
  );
}

/** One of several ways, by its name. */
function Ways({
  label,
  value,
  ways,
  put,
}: {
  label: string;
  value: string;
  ways: readonly (readonly [way: string, name: string])[];
  put: (way: string) => void;
}) {
  return (
    <select
      className="w-full rounded border border-line bg-sheet px-1.5 py-1"
      aria-label={label}
      value={value}
      onChange={(event) => put(event.target.value)}
    >
      {ways.map(([way, name]) => (
        <option key={way} value={way}>
          {name}
        </option>
      ))}
    </select>
  );
}

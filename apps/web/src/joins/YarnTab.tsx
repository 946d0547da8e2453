import { Plus, Trash2 } from 'lucide-react';
import type { Draft } from 'immer';
import { USUAL_RESERVE, type Colours, type Design, type Fabric } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { edit } from '../state/designStore';
import { usePlan } from '../state/planner';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField, TextField } from '../ui/fields';
import type { ScreenSize } from '../worker/screen';

/** Yarn by fabric, colour and piece, and the stripes and reserve that it comes from. */
export function YarnTab({ size }: { size: ScreenSize }) {
  const { fabrics, finishing } = useDocument();
  const plan = usePlan((state) => state.plan);
  const used = fabrics.filter(({ id }) =>
    size.pieces.some(({ sections }) => sections.some(({ fabric }) => fabric === id)),
  );
  const metres = (many: number) => `${Math.round(many)} m`;
  return (
    <div className="grid gap-6">
      {used.map((fabric) => {
        const need = size.yarn.find(({ fabric: id }) => id === fabric.id);
        return (
          <section key={fabric.id} aria-label={fabric.name}>
            <h3 className="text-[16px]">{fabric.name}</h3>
            {need ? (
              <div className="flex flex-wrap gap-x-10">
                <table className="text-[13px]" data-testid={`yarn-${fabric.id}`}>
                  <tbody>
                    {need.pieces.map(({ piece, label, metres: many }) => (
                      <tr key={piece}>
                        <td className="pr-8">{label}</td>
                        <td className="text-right">{metres(many)}</td>
                      </tr>
                    ))}
                    {need.seams > 0 && (
                      <tr>
                        <td className="pr-8">Seams</td>
                        <td className="text-right">{metres(need.seams)}</td>
                      </tr>
                    )}
                    <tr>
                      <td className="pr-8">Tails</td>
                      <td className="text-right">{metres(need.tails)}</td>
                    </tr>
                    <tr className="border-t border-line font-semibold">
                      <td className="pr-8">With {finishing?.reserve ?? USUAL_RESERVE} % to spare</td>
                      <td className="text-right">{need.metres} m</td>
                    </tr>
                    {need.colours
                      .filter(({ colour, balls }) => colour !== null || balls !== null)
                      .map(({ colour, metres: many, balls }) => (
                        <tr key={colour ?? ''}>
                          <td className="pr-8">{colour ?? 'In balls'}</td>
                          <td className="text-right">
                            {colour !== null && `${many} m`}
                            {balls !== null && ` ${balls} ${balls === 1 ? 'ball' : 'balls'}`}
                          </td>
                        </tr>
                      ))}
                  </tbody>
                </table>
                <table className="self-start text-[13px]">
                  <thead className="text-soft">
                    <tr>
                      {plan?.sizes.map(({ label }) => (
                        <th key={label} className="px-2 text-right font-normal">
                          {label}
                        </th>
                      ))}
                    </tr>
                  </thead>
                  <tbody>
                    <tr>
                      {plan?.sizes.map(({ id, yarn }) => (
                        <td key={id} className={`px-2 text-right ${id === size.id ? 'font-semibold' : ''}`}>
                          {yarn.find(({ fabric: of }) => of === fabric.id)?.metres ?? '–'}
                        </td>
                      ))}
                    </tr>
                  </tbody>
                </table>
              </div>
            ) : (
              <p className="text-[13px] text-soft">
                Its swatch has not been weighed or measured for yarn; that is done in the step Fabric.
              </p>
            )}
            <StripeFields fabric={fabric} />
          </section>
        );
      })}
      <section className="max-w-72">
        <NumberField
          path="finishing.reserve"
          label="Yarn to spare"
          unit="%"
          value={finishing?.reserve ?? USUAL_RESERVE}
          put={(document, value) => void ((document.finishing ??= {}).reserve = value)}
          hint="10 % is usual, 15 % for beginners."
        />
      </section>
    </div>
  );
}

/** The colours entry of a fabric, made when it is not there. */
function coloursOf(document: Draft<Design>, fabric: string): Draft<Colours> {
  const finishing = (document.finishing ??= {});
  const list = (finishing.colours ??= []);
  const found = list.find((one) => one.fabric === fabric);
  if (found) return found;
  list.push({ fabric, stripes: [], yarn: 'carried' });
  return list.at(-1)!;
}

/** Stripes of one fabric: colours and rows, which repeat from the lower edge. */
function StripeFields({ fabric }: { fabric: Fabric }) {
  const { finishing } = useDocument();
  const at = finishing?.colours?.findIndex((one) => one.fabric === fabric.id) ?? -1;
  const colours = finishing?.colours?.[at];
  const path = `finishing.colours[${at}]`;
  return (
    <div className="mt-1 max-w-96">
      {colours?.stripes.map((stripe, i) => (
        <div key={i} className="flex items-end gap-2">
          <TextField
            path={`${path}.stripes[${i}].colour`}
            label={`Colour ${i + 1}`}
            stacked
            value={stripe.colour}
            put={(document, value) => void (coloursOf(document, fabric.id).stripes[i]!.colour = value)}
          />
          <NumberField
            path={`${path}.stripes[${i}].rows`}
            label="Rows"
            stacked
            value={stripe.rows}
            put={(document, value) => void (coloursOf(document, fabric.id).stripes[i]!.rows = value)}
          />
          <Button
            look="quiet"
            aria-label={`Remove stripe ${i + 1}`}
            onClick={() =>
              edit('finishing.colours', (document) => {
                const of = coloursOf(document, fabric.id);
                of.stripes.splice(i, 1);
                if (of.stripes.length === 0)
                  document.finishing!.colours = document.finishing!.colours!.filter((one) => one !== of);
              })
            }
          >
            <Trash2 size={14} aria-hidden />
          </Button>
        </div>
      ))}
      {colours && colours.stripes.length > 1 && (
        <ChoiceField
          path={`${path}.yarn`}
          label="Yarn between stripes"
          value={colours.yarn}
          options={[
            { value: 'carried', label: 'carried up the edge' },
            { value: 'cut', label: 'cut' },
          ]}
          put={(document, value) => void (coloursOf(document, fabric.id).yarn = value)}
        />
      )}
      <Button
        look="quiet"
        className="-ml-2 text-[13px]"
        onClick={() =>
          edit('finishing.colours', (document) => {
            const { stripes } = coloursOf(document, fabric.id);
            stripes.push({ colour: `Colour ${stripes.length + 1}`, rows: 2 });
          })
        }
      >
        <Plus size={14} aria-hidden /> {colours ? 'another stripe' : 'name a colour or work stripes'}
      </Button>
    </div>
  );
}

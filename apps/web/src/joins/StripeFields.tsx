import { Plus, Trash2 } from 'lucide-react';
import type { Draft } from 'immer';
import type { Colours, Design, Fabric } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, NumberField, TextField } from '../ui/fields';

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
export function StripeFields({ fabric }: { fabric: Fabric }) {
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

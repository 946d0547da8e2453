import { Plus, Trash2 } from 'lucide-react';
import type { Draft } from 'immer';
import { memo } from 'react';
import {
  completeBody,
  formatLength,
  GROUPS,
  inWords,
  measurement,
  MEASUREMENTS,
  tidy,
  type Design,
  type MeasurementId,
} from '@upfell/core';
import { useChosenSize, useDocument, useUnits } from '../design/useSizePlan';
import { edit } from '../state/designStore';
import { setSize } from '../state/view';
import { Button } from '../ui/Button';
import { ChoiceField, LengthField, TextField } from '../ui/fields';

const GROUP_WORDS = { adult: 'Adult', child: 'Child', baby: 'Baby' } as const;
/** Step to the next size when one is added, cm of bust. */
const NEXT_BUST = { adult: 10, child: 4, baby: 3 } as const;

/** The body of the chosen size: every measurement, how it is taken, and where a missing one is derived from. */
export function BodyPanel() {
  const { units, sizes } = useDocument();
  const { size, index } = useChosenSize();
  const completed = completeBody(size.body, size.group);
  const path = `sizes[${index}]`;
  const inSize = (document: Draft<Design>) => document.sizes[index]!;
  return (
    <>
      <h2 className="mb-2 text-lg">Body, size {size.label}</h2>
      <div className="mb-3 space-y-1 border-b border-line pb-3">
        <TextField
          key={`${size.id} label`}
          path={`${path}.label`}
          label="Size’s name"
          value={size.label}
          put={(document, label) => void (inSize(document).label = label)}
        />
        <ChoiceField
          path={`${path}.group`}
          label="Group"
          value={size.group}
          options={GROUPS.map((group) => ({ value: group, label: GROUP_WORDS[group] }))}
          put={(document, group) => void (inSize(document).group = group)}
        />
      </div>
      <div className="space-y-0.5">
        {MEASUREMENTS.map(({ id, label, howTo }) => (
          <MeasurementField
            key={`${size.id} ${id}`}
            id={id}
            label={label}
            howTo={howTo}
            path={`${path}.body.${id}`}
            index={index}
            value={size.body[id]}
            derived={completed?.derived.get(id)?.cm}
            rule={ruleText(id)}
          />
        ))}
      </div>
      <div className="mt-4 flex gap-2 border-t border-line pt-3">
        <Button onClick={addSize}>
          <Plus size={14} aria-hidden /> Add a size
        </Button>
        <Button
          onClick={removeSize}
          disabled={sizes.length === 1}
          title={sizes.length === 1 ? 'A design has at least one size' : undefined}
        >
          <Trash2 size={14} aria-hidden /> Remove {size.label}
        </Button>
      </div>
    </>
  );

  function ruleText(id: MeasurementId): string | undefined {
    const found = completed?.derived.get(id);
    return found && inWords(found.rule, units);
  }

  function addSize() {
    const last = sizes.at(-1)!;
    let number = sizes.length + 1;
    while (sizes.some(({ id }) => id === `size-${number}`)) number += 1;
    const id = `size-${number}`;
    const bust = tidy((completeBody(last.body, last.group)?.body.bust ?? 90) + NEXT_BUST[last.group]);
    edit(
      'sizes',
      (document) =>
        void document.sizes.push({ id, label: `Size ${number}`, group: last.group, body: { bust } }),
    );
    setSize(id);
  }

  function removeSize() {
    const next = sizes[index + 1] ?? sizes[index - 1]!;
    edit('sizes', (document) => {
      document.sizes.splice(index, 1);
      document.pins = document.pins.filter((pin) => pin.size !== size.id);
    });
    setSize(next.id);
  }
}

interface FieldProps {
  id: MeasurementId;
  label: string;
  howTo: string;
  path: string;
  index: number;
  value: number | undefined;
  /** The derived length where none is entered, and its rule in words. */
  derived: number | undefined;
  rule: string | undefined;
}

/** One measurement; memoised, so that typing in one leaves the others alone. */
const MeasurementField = memo(function MeasurementField({
  id,
  label,
  howTo,
  path,
  index,
  value,
  derived,
  rule,
}: FieldProps) {
  const units = useUnits();
  return (
    <div title={howTo}>
      <LengthField
        path={path}
        label={label}
        cm={value}
        optional
        placeholder={derived === undefined ? '' : formatLength(derived, units)}
        hint={rule && `derived: ${rule}`}
        put={(document, cm) => {
          const body = document.sizes[index]!.body;
          if (cm === undefined) delete body[measurement(id).id];
          else body[id] = cm;
        }}
      />
    </div>
  );
});

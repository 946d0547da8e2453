import { Plus, X } from 'lucide-react';
import { heightOfRows, rowTypeAt, formatLength } from '@upfell/core';
import { useUnits } from '../state/useSizePlan';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { ChoiceField, LengthField, TextField } from '../ui/fields';
import { useFabric } from '../state/useFabric';

/** Rows of different heights by turns, and on which of them pieces end. */
export function RowTypes() {
  const { fabric, path, of } = useFabric();
  const units = useUnits();
  const types = fabric.rowTypes ?? [];
  const { multiple, plus } = fabric.rule.rows;
  const add = () =>
    edit(`${path}.rowTypes`, (document) => {
      const target = of(document);
      const height = Math.round((target.gauge.rowsOver / target.gauge.rows) * 100) / 100;
      const list = [
        ...(target.rowTypes ?? [{ name: 'first row', height }]),
        { name: `row ${types.length + 2}`, height },
      ];
      target.rowTypes = list;
      target.rule.rows = { multiple: list.length, plus: 0 };
    });
  const remove = (at: number) =>
    edit(`${path}.rowTypes`, (document) => {
      const target = of(document);
      const list = target.rowTypes!.filter((_, i) => i !== at);
      if (list.length > 1) target.rowTypes = list;
      else delete target.rowTypes;
      target.rule.rows = { multiple: Math.max(1, list.length), plus: 0 };
    });
  return (
    <>
      {types.map(({ name, height }, i) => (
        <div key={i} className="flex items-end gap-2">
          <div className="grow">
            <TextField
              stacked
              path={`${path}.rowTypes[${i}].name`}
              label={`Row ${i + 1} of the repeat`}
              value={name}
              put={(document, text) => void (of(document).rowTypes![i]!.name = text)}
            />
          </div>
          <LengthField
            stacked
            path={`${path}.rowTypes[${i}].height`}
            label="height"
            cm={height}
            put={(document, cm) => void (of(document).rowTypes![i]!.height = cm!)}
          />
          <button
            type="button"
            className="rounded p-1 hover:bg-tape"
            aria-label={`Leave out ${name}`}
            onClick={() => remove(i)}
          >
            <X size={13} aria-hidden />
          </button>
        </div>
      ))}
      {types.length > 1 && (
        <>
          <ChoiceField
            path={`${path}.rule.rows.end`}
            label="Pieces end on"
            value={multiple === types.length ? String((plus + types.length - 1) % types.length) : 'any'}
            options={[
              ...types.map(({ name }, i) => ({ value: String(i), label: name })),
              { value: 'any', label: 'any row' },
            ]}
            put={(document, end) =>
              void (of(document).rule.rows =
                end === 'any'
                  ? { multiple: 1, plus: 0 }
                  : { multiple: types.length, plus: (Number(end) + 1) % types.length })
            }
          />
          <p className="text-[12.5px] text-soft">
            {types.length} rows are {formatLength(heightOfRows(fabric, types.length), units, { unit: true })};{' '}
            {types.length + 1} rows, ending on a {rowTypeAt(fabric, types.length + 1)},{' '}
            {formatLength(heightOfRows(fabric, types.length + 1), units, { unit: true })}
          </p>
        </>
      )}
      <Button look="quiet" className="-ml-2.5 text-[12.5px] underline" onClick={add}>
        <Plus size={13} aria-hidden /> {types.length === 0 ? 'Rows of different heights' : 'Another row'}
      </Button>
    </>
  );
}

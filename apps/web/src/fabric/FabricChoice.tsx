import type { Draft } from 'immer';
import type { Design } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { propose } from '../state/proposal';
import { choiceLayout } from '../ui/fields';

interface Props {
  label: string;
  value: string;
  put: (document: Draft<Design>, fabric: string) => void;
}

/** Which of the design's fabrics a section is worked in; another one is shown with all it changes before it is taken. */
export function FabricChoice({ label, value, put }: Props) {
  const { fabrics } = useDocument();
  return (
    <label className={choiceLayout(fabrics.map(({ name }) => name))}>
      {label}
      <select
        className="max-w-full min-w-0 rounded border border-line bg-sheet px-1.5 py-0.5"
        value={value}
        onChange={({ target }) => {
          const fabric = fabrics.find(({ id }) => id === target.value)!;
          void propose(`Change to ${fabric.name}?`, 'garment', (document) => put(document, fabric.id));
        }}
      >
        {fabrics.map(({ id, name }) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
}

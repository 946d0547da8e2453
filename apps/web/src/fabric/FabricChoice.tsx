import type { Draft } from 'immer';
import type { Design } from '@upfell/core';
import { useDocument } from '../state/useSizePlan';
import { propose } from '../state/proposal';

interface Props {
  label: string;
  value: string;
  put: (document: Draft<Design>, fabric: string) => void;
}

/** Which of the design's fabrics a section is worked in; another one is shown with all it changes before it is taken. */
export function FabricChoice({ label, value, put }: Props) {
  const { fabrics } = useDocument();
  return (
    <label className="grid grid-cols-[1fr_auto] items-center gap-x-3 py-0.5">
      {label}
      <select
        className="max-w-[11.5rem] rounded border border-line bg-sheet px-1.5 py-0.5"
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

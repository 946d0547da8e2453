import { CONSTRUCTIONS } from '@upfell/core';
import { useDocument } from '../design/useSizePlan';
import { YOKES } from '../yoke/useYoke';
import { changeConstruction } from './changeConstruction';
import { DropShoulderPanel } from './DropShoulderPanel';
import { YokePanel } from './YokePanel';

/** How the garment sits: its construction, and that construction's own style. */
export function ShapePanel() {
  const { garment, pins } = useDocument();
  return (
    <>
      <label className="mb-2 block">
        <span className="sr-only">Construction</span>
        <select
          className="w-full rounded border border-line bg-sheet px-2 py-1 font-display text-lg"
          value={garment.construction}
          data-path="garment.construction"
          onChange={({ target }) => changeConstruction(target.value)}
        >
          {CONSTRUCTIONS.map(({ id, label }) => (
            <option key={id} value={id}>
              {label}
            </option>
          ))}
        </select>
      </label>
      {pins.length > 0 && (
        <p className="mb-2 text-[12.5px] text-soft">
          Another construction lets go of the counts held in this one; undo brings them back.
        </p>
      )}
      {YOKES.includes(garment.construction) ? <YokePanel /> : <DropShoulderPanel />}
    </>
  );
}

import { Tabs } from 'radix-ui';
import { formatLength } from '@upfell/core';
import { useSizePlan, useUnits, useOld } from '../state/useSizePlan';
import { select, useView } from '../state/view';
import { TAB } from '../ui/tabs';
import type { ScreenSize } from '../worker/screen';
import { AssemblyTab } from './AssemblyTab';
import { ButtonFields } from './ButtonFields';
import { JOIN_LOOK, joinState } from './say';
import { useSeams } from '../state/useSeams';
import { YarnTab } from './YarnTab';

const KINDS: Record<string, string> = {
  'stitch-to-stitch': 'stitch to stitch',
  'row-to-row': 'row to row',
  'stitch-to-row': 'by length',
  'pick-up': 'picked up',
  live: 'live stitches',
};

/** Putting the chosen size together: its seams, the order of assembly, and the yarn. */
export function JoinsView() {
  const planned = useSizePlan();
  const old = useOld();
  if (!planned) return <p className="p-8 text-soft">Checking the joins …</p>;
  const { size } = planned;
  return (
    <Tabs.Root
      defaultValue="seams"
      className={`print-flow min-h-0 grow overflow-y-auto p-6 ${old ? 'opacity-55' : ''}`}
    >
      <div className="mb-3 flex items-baseline gap-6">
        <h2 className="text-lg">Joins of size {size.label}</h2>
        <Tabs.List aria-label="Joins" className="no-print flex gap-1">
          <Tabs.Trigger className={TAB} value="seams">
            Seams
          </Tabs.Trigger>
          <Tabs.Trigger className={TAB} value="assembly">
            Order of assembly
          </Tabs.Trigger>
          <Tabs.Trigger className={TAB} value="yarn">
            Yarn
          </Tabs.Trigger>
        </Tabs.List>
      </div>
      <Tabs.Content value="seams">
        <SeamTable size={size} />
        <ButtonFields size={size} />
      </Tabs.Content>
      <Tabs.Content value="assembly">
        <AssemblyTab size={size} />
      </Tabs.Content>
      <Tabs.Content value="yarn">
        <YarnTab size={size} />
      </Tabs.Content>
    </Tabs.Root>
  );
}

/** Every join with both its sides and how it is made, in the order in which they are sewn. */
function SeamTable({ size }: { size: ScreenSize }) {
  const units = useUnits();
  const selection = useView((view) => view.selection);
  const seams = useSeams(size);
  const length = (cm: number) => formatLength(cm, units);
  return (
    <table className="w-full min-w-[640px] text-left">
      <thead className="border-b border-line text-[13px] text-soft">
        <tr>
          <th className="py-1 font-normal">Join</th>
          <th className="font-normal">How</th>
          <th className="font-normal">Made by</th>
          <th className="text-right font-normal whitespace-nowrap">One side</th>
          <th className="text-right font-normal whitespace-nowrap">Other side</th>
          <th className="pl-6 font-normal">State</th>
        </tr>
      </thead>
      <tbody>
        {size.joins.map((join) => {
          const state = joinState(join);
          const chosen = selection?.kind === 'join' && selection.id === join.id;
          return (
            <tr key={join.id} className={`border-b border-line/60 ${chosen ? 'bg-tape' : ''}`}>
              <td className="py-1.5">
                <button
                  type="button"
                  className="text-left underline decoration-line underline-offset-4 hover:decoration-ink"
                  onClick={() => select({ kind: 'join', id: join.id })}
                >
                  {join.label}
                </button>
              </td>
              <td className="text-[13px] text-soft">{KINDS[join.kind]}</td>
              <td className="text-[13px] text-soft">{seams.get(join.id)?.method}</td>
              <td className="pl-3 text-right whitespace-nowrap">
                <strong>{join.aCount}</strong>{' '}
                <span className="text-[13px] text-soft">{length(join.aLength)}</span>
              </td>
              <td className="pl-4 text-right whitespace-nowrap">
                <strong>{join.bCount}</strong>{' '}
                <span className="text-[13px] text-soft">{length(join.bLength)}</span>
              </td>
              <td className={`pl-6 font-semibold whitespace-nowrap ${JOIN_LOOK[state].text}`}>
                {JOIN_LOOK[state].word}
                {state === 'eased' && ` ${formatLength(Math.abs(join.eased), units, { unit: true })}`}
              </td>
            </tr>
          );
        })}
      </tbody>
    </table>
  );
}

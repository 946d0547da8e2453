import { Plus, X } from 'lucide-react';
import { GROUPS, STANDARD_CHARTS, type Group, type MeasurementId, type SizeChart } from '@upfell/core';
import { charts } from '../api/library';
import { useList } from '../library/useList';
import { Button } from '../ui/Button';
import { Switch } from '../ui/Switch';
import { LengthInput } from './LengthInput';
import type { Someone, Whom as Wished } from './wish';

const GROUP_WORDS: Readonly<Record<Group, string>> = { adult: 'adult', child: 'child', baby: 'baby' };
/** What is asked of a person here; all else is derived until it is measured. */
const ASKED: readonly { id: MeasurementId; label: string }[] = [
  { id: 'bust', label: 'Bust or chest' },
  { id: 'hip', label: 'Hip' },
  { id: 'height', label: 'Height' },
];

interface Props {
  whom: Wished;
  hasFrom: boolean;
  onChange: (whom: Wished) => void;
}

/** For whom: a chart or a part of one, or people by what is known of them. */
export function Whom({ whom, hasFrom, onChange }: Props) {
  const { entries } = useList(charts.list);
  const all: { id: string; chart: SizeChart; revision?: number }[] = [
    ...STANDARD_CHARTS,
    ...(entries ?? []).map(({ id, document, revision }) => ({ id, chart: document, revision })),
  ];
  const take = (id: string) => {
    const found = all.find((one) => one.id === id);
    if (found) onChange({ kind: 'chart', ...found, first: 0, last: found.chart.sizes.length - 1 });
  };
  return (
    <div className="space-y-3">
      <Switch
        label="For whom"
        value={whom.kind}
        options={[
          { value: 'as it is', label: hasFrom ? 'as it is' : 'S, M and L' },
          { value: 'chart', label: 'a chart' },
          { value: 'people', label: 'people' },
        ]}
        onChange={(kind) => {
          if (kind === 'chart') take(all[0]!.id);
          else if (kind === 'people')
            onChange({ kind: 'people', people: [{ name: '', group: 'adult', body: {} }] });
          else onChange({ kind: 'as it is' });
        }}
      />
      {whom.kind === 'chart' && (
        <div className="flex flex-wrap items-center gap-x-3 gap-y-2">
          <select
            aria-label="Chart"
            className="max-w-72 rounded border border-line bg-sheet px-1.5 py-1"
            value={whom.id}
            onChange={({ target }) => take(target.value)}
          >
            {all.map(({ id, chart }) => (
              <option key={id} value={id}>
                {chart.name}
              </option>
            ))}
          </select>
          <Ends whom={whom} onChange={onChange} />
          <span className="text-[13px] text-soft">{whom.chart.source}</span>
        </div>
      )}
      {whom.kind === 'people' && (
        <People people={whom.people} onChange={(people) => onChange({ kind: 'people', people })} />
      )}
    </div>
  );
}

/** From which size of a chart to which. */
function Ends({ whom, onChange }: { whom: Extract<Wished, { kind: 'chart' }>; onChange: Props['onChange'] }) {
  const { sizes } = whom.chart;
  const end = (name: string, value: number, put: (at: number) => void, from: number, to: number) => (
    <label className="flex items-center gap-1.5">
      {name}
      <select
        className="rounded border border-line bg-sheet px-1.5 py-1"
        value={value}
        onChange={({ target }) => put(Number(target.value))}
      >
        {sizes.map(({ id, label }, i) =>
          i < from || i > to ? null : (
            <option key={id} value={i}>
              {label}
            </option>
          ),
        )}
      </select>
    </label>
  );
  return (
    <>
      {end('from', whom.first, (first) => onChange({ ...whom, first }), 0, whom.last)}
      {end('to', whom.last, (last) => onChange({ ...whom, last }), whom.first, sizes.length - 1)}
    </>
  );
}

/** People by what is known of them: one length is enough. */
function People({ people, onChange }: { people: readonly Someone[]; onChange: (people: Someone[]) => void }) {
  const put = (at: number, change: Partial<Someone>) =>
    onChange(people.map((one, i) => (i === at ? { ...one, ...change } : one)));
  return (
    <div>
      <ul className="space-y-1.5">
        {people.map((one, i) => (
          <li key={i} className="flex flex-wrap items-center gap-2">
            <input
              aria-label={`Name of person ${i + 1}`}
              placeholder={`Person ${i + 1}`}
              className="w-36 rounded border border-line bg-sheet px-2 py-1"
              maxLength={40}
              value={one.name}
              onChange={({ target }) => put(i, { name: target.value })}
            />
            <select
              aria-label={`Person ${i + 1} is`}
              className="rounded border border-line bg-sheet px-1.5 py-1"
              value={one.group}
              onChange={({ target }) => put(i, { group: target.value as Group })}
            >
              {GROUPS.map((group) => (
                <option key={group} value={group}>
                  {GROUP_WORDS[group]}
                </option>
              ))}
            </select>
            {ASKED.map(({ id, label }) => (
              <LengthInput
                key={id}
                label={label}
                cm={one.body[id]}
                onChange={(cm) => {
                  const { [id]: _, ...others } = one.body;
                  put(i, { body: cm === undefined ? others : { ...others, [id]: cm } });
                }}
              />
            ))}
            {people.length > 1 && (
              <Button
                look="quiet"
                aria-label={`Leave out person ${i + 1}`}
                onClick={() => onChange(people.filter((_, at) => at !== i))}
              >
                <X size={14} aria-hidden />
              </Button>
            )}
          </li>
        ))}
      </ul>
      <Button
        className="mt-2"
        onClick={() => onChange([...people, { name: '', group: people.at(-1)?.group ?? 'adult', body: {} }])}
      >
        <Plus size={14} aria-hidden /> Another person
      </Button>
      <p className="mt-1 text-[13px] text-soft">
        One measure of each is enough to begin; what is not measured is derived, and says so. “34 in” is taken
        too.
      </p>
    </div>
  );
}

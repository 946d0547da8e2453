import { useEffect, useState } from 'react';
import {
  countOf,
  formatLength,
  GAUGE_OVER,
  GAUGE_OVER_IN_WORDS,
  parseLength,
  type GaugeReading,
  type GaugeState,
  type RowToWork,
  type Units,
} from '@upfell/core';
import { Button } from '../ui/Button';
import type { JudgementShown, MakingView, PreviewShown } from '../worker/makingPlanner';
import { askRows, done, makingPlanner, useMaking } from './making';
import { PreviewTable } from './PreviewTable';
import type { PieceProgress } from './progress';

/** What the tape and the eye find in the work: its gauge, and what it means; its width and height at a row. */
export function MeasureTab({ at }: { at: PieceProgress }) {
  const view = useMaking((state) => state.view)!;
  return (
    <div className="min-h-0 grow overflow-y-auto px-4 py-4">
      <GaugeOfWork view={view} at={at} />
      <MeasuredAt at={at} units={view.units} />
    </div>
  );
}

interface Texts {
  stitches: string;
  stitchesOver: string;
  rows: string;
  rowsOver: string;
}

type Counted = Pick<GaugeReading, 'stitches' | 'stitchesOver' | 'rows' | 'rowsOver'>;

/** What was typed as a gauge, or what is wrong with it, by field. */
function readCounted(
  texts: Texts,
  units: Units,
): { counted: Counted | null; troubles: Partial<Record<keyof Texts, string>> } {
  const troubles: Partial<Record<keyof Texts, string>> = {};
  const count = (key: 'stitches' | 'rows') => {
    const value = Number(texts[key].trim().replace(',', '.'));
    if (!(value >= 1 && value <= 200)) troubles[key] = `Type how many ${key} were counted, 1 to 200.`;
    return value;
  };
  const over = (key: 'stitchesOver' | 'rowsOver') => {
    const parsed = parseLength(texts[key], units);
    if (!parsed.ok) troubles[key] = parsed.message;
    else if (parsed.cm < 2 || parsed.cm > 100) troubles[key] = 'Count over 2 to 100 cm.';
    return parsed.ok ? parsed.cm : 0;
  };
  const counted = {
    stitches: count('stitches'),
    stitchesOver: over('stitchesOver'),
    rows: count('rows'),
    rowsOver: over('rowsOver'),
  };
  return { counted: Object.keys(troubles).length === 0 ? counted : null, troubles };
}

function GaugeOfWork({ view, at }: { view: MakingView; at: PieceProgress }) {
  const id = useMaking((state) => state.id)!;
  const rows = useMaking((state) => state.rows[at.piece]);
  useEffect(() => void askRows(at.piece), [at.piece, rows]);
  const [chosen, setChosen] = useState<string | null>(null);
  const worked = rows?.[Math.max(0, at.worked - 1)]?.fabric;
  const fabric =
    view.fabrics.find(
      (one) => one.id === (chosen ?? view.prompts.find((one) => one.kind === 'gauge')?.fabric ?? worked),
    ) ?? view.fabrics[0]!;
  const [state, setState] = useState<GaugeState>('on the hook');
  const over = view.units === 'cm' ? '10' : '4';
  const [texts, setTexts] = useState<Texts>({ stitches: '', stitchesOver: over, rows: '', rowsOver: over });
  const { counted, troubles } = readCounted(texts, view.units);
  const touched = texts.stitches !== '' || texts.rows !== '';
  const [judged, setJudged] = useState<{ of: string; judgement: JudgementShown } | null>(null);
  const key = counted && JSON.stringify([fabric.id, state, counted, view.version]);
  useEffect(() => {
    if (!key || !counted) return undefined;
    let wanted = true;
    void makingPlanner()
      .judge(id, fabric.id, { ...counted, state })
      .then((judgement) => wanted && setJudged({ of: key, judgement }));
    return () => {
      wanted = false;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- the key says all of it
  }, [key, id]);
  const judgement = judged?.of === key ? judged.judgement : null;
  const per = (gauge: Counted) => {
    const cm = view.units === 'cm' ? 10 : 10.16;
    return `${((gauge.stitches / gauge.stitchesOver) * cm).toFixed(1)} sts and ${((gauge.rows / gauge.rowsOver) * cm).toFixed(1)} rows in ${over} ${view.units}`;
  };
  const take = async (way: NonNullable<GaugeReading['way']>, hook?: number) => {
    if (!counted) return;
    const reading = {
      kind: 'gauge' as const,
      fabric: fabric.id,
      ...counted,
      state,
      way,
      ...(hook ? { hook } : {}),
    };
    if (await done(reading)) setTexts({ stitches: '', stitchesOver: over, rows: '', rowsOver: over });
  };
  return (
    <section aria-labelledby="gauge-of-work">
      <h2 id="gauge-of-work" className="text-xl">
        Gauge of the work
      </h2>
      <label className="mt-2 grid gap-1 text-[13px] text-soft">
        Fabric
        <select
          className="rounded border border-line bg-sheet px-2 py-1.5 text-[14px] text-ink"
          value={fabric.id}
          onChange={(event) => setChosen(event.target.value)}
        >
          {view.fabrics.map((one) => (
            <option key={one.id} value={one.id}>
              {one.name}, {one.hook} mm
            </option>
          ))}
        </select>
      </label>
      <p className="mt-1 text-[13px] text-soft">
        {fabric.isCounted ? 'As last counted' : 'Planned'}: {per(fabric.gauge)} washed,{' '}
        {per(fabric.onTheHook)} on the hook.
      </p>
      <div className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-4">
        {(
          [
            ['stitches', 'Stitches'],
            ['stitchesOver', `in (${view.units})`],
            ['rows', 'Rows'],
            ['rowsOver', `in (${view.units})`],
          ] as const
        ).map(([field, label]) => (
          <label key={field} className="grid gap-0.5 text-[13px] text-soft">
            {label}
            <input
              inputMode="decimal"
              className={`min-h-[40px] w-full min-w-0 rounded border bg-sheet px-2 text-right text-[16px] text-ink ${touched && troubles[field] ? 'border-broken' : 'border-line'}`}
              value={texts[field]}
              aria-label={
                field === 'stitchesOver'
                  ? `Stitches counted over, ${view.units}`
                  : field === 'rowsOver'
                    ? `Rows counted over, ${view.units}`
                    : label
              }
              aria-invalid={touched && troubles[field] !== undefined}
              onChange={(event) => setTexts({ ...texts, [field]: event.target.value })}
            />
          </label>
        ))}
      </div>
      {touched && Object.values(troubles)[0] && (
        <p role="alert" className="mt-1 text-[13px] text-broken">
          {Object.values(troubles)[0]}
        </p>
      )}
      <fieldset className="mt-2 flex gap-4 text-[14px]">
        <legend className="sr-only">How it was counted</legend>
        {(['on the hook', 'blocked'] as const).map((one) => (
          <label key={one} className="flex min-h-[32px] items-center gap-1.5">
            <input type="radio" name="state" checked={state === one} onChange={() => setState(one)} />
            {one === 'blocked' ? 'washed and dry' : one}
          </label>
        ))}
      </fieldset>
      {judgement && <Judgement of={judgement} hook={fabric.hook} units={view.units} onTake={take} />}
    </section>
  );
}

const IS = { tight: 'tighter', loose: 'looser', 'as planned': 'as planned' } as const;

function Judgement({
  of: { stitches, rows, hook: next, goOn, changeHook, replan },
  hook,
  units,
  onTake,
}: {
  of: JudgementShown;
  hook: number;
  units: Units;
  onTake: (way: NonNullable<GaugeReading['way']>, hook?: number) => Promise<void>;
}) {
  const fine = stitches.is === 'as planned' && rows.is === 'as planned';
  /** Counts in 10 cm, or in 4 in. */
  const inUnits = (many: number) => ((many * GAUGE_OVER[units]) / 10).toFixed(1);
  const isFar = [stitches, rows].some(({ found, planned }) => found / planned < 0.7 || found / planned > 1.4);
  const off = (of: JudgementShown['stitches'], what: string) =>
    `${what}: ${inUnits(of.found)} in ${GAUGE_OVER_IN_WORDS[units]}, planned ${inUnits(of.planned)}: ${IS[of.is]}${of.is === 'as planned' ? '' : ` by ${(100 * Math.abs(of.found / of.planned - 1)).toFixed(0)} %`}.`;
  return (
    <div className="mt-3 border-l-4 border-eased-stroke bg-eased-wash px-3 py-2" data-testid="judgement">
      <p className="font-semibold">
        {fine ? 'This is the planned gauge: go on.' : 'This is not the planned gauge.'}
      </p>
      {isFar && (
        <p role="alert">
          That is far from the plan: count again, and see that it is this fabric and not another one.
        </p>
      )}
      <p>{off(stitches, 'Stitches')}</p>
      <p>{off(rows, 'Rows')}</p>
      <Way
        title="Go on"
        preview={goOn}
        units={units}
        says={fine ? 'Nothing needs to change.' : 'The counts stay; it will measure so:'}
      >
        <Button onClick={() => void onTake('go on')} look={fine ? 'strong' : 'plain'}>
          Go on as planned
        </Button>
      </Way>
      {!fine && changeHook && next !== null && (
        <Way
          title={`Change the hook: ${next} mm instead of ${hook} mm`}
          preview={changeHook}
          units={units}
          says={`A ${next > hook ? 'larger' : 'smaller'} hook brings it towards the planned gauge from here on; what is worked stays as it is. Count again after a hand’s width.`}
        >
          <Button onClick={() => void onTake('change hook', next)}>Take the {next} mm hook</Button>
        </Way>
      )}
      {!fine && (
        <Way
          title="Re-plan what is left"
          preview={replan}
          units={units}
          says="Rows worked stay; all else is fitted to this gauge so that every seam still agrees:"
        >
          <Button look="strong" disabled={!replan.can} onClick={() => void onTake('re-plan')}>
            Re-plan with this gauge
          </Button>
        </Way>
      )}
    </div>
  );
}

function Way({
  title,
  says,
  preview,
  units,
  children,
}: {
  title: string;
  says: string;
  preview: PreviewShown;
  units: Units;
  children: React.ReactNode;
}) {
  return (
    <section className="mt-3 border-t border-line pt-2">
      <h3 className="text-[16px]">{title}</h3>
      <p className="text-[13.5px] text-soft">{says}</p>
      <details className="my-1">
        <summary className="text-[13.5px] text-agreed">
          {preview.counts.length === 0 && preview.finished.length === 0
            ? 'nothing changes'
            : `${countOf(preview.finished.length, 'finished length')}, ${countOf(preview.counts.length, 'count')}`}
        </summary>
        <PreviewTable of={preview} units={units} />
      </details>
      {children}
    </section>
  );
}

/** What the tape reads at the last row worked, against what it should. */
function MeasuredAt({ at, units }: { at: PieceProgress; units: Units }) {
  const rows = useMaking((state) => state.rows[at.piece]);
  const row: RowToWork | undefined = rows?.[at.worked - 1];
  const [texts, setTexts] = useState({ width: '', height: '' });
  const [state, setState] = useState<GaugeState>('on the hook');
  if (!row) return null;
  const read = (text: string) => (text.trim() === '' ? null : parseLength(text, units));
  const [width, height] = [read(texts.width), read(texts.height)];
  const trouble = [width, height].find((one) => one && !one.ok);
  const wanted = (of: RowToWork['height']) => (state === 'blocked' ? of.finished : of.onTheHook);
  const off = (found: ReturnType<typeof read>, should: number) =>
    found?.ok && found.cm > 0
      ? Math.abs(found.cm - should) <= 0.02 * should + 0.3
        ? 'as it should be'
        : `${formatLength(found.cm - should, units, { sign: true, unit: true })}, ${(100 * (found.cm / should - 1)).toFixed(0)} %`
      : '';
  const keep = async () => {
    const values = {
      ...(width?.ok ? { width: width.cm } : {}),
      ...(height?.ok ? { height: height.cm } : {}),
    };
    const place = { piece: at.piece, copy: at.copy, part: row.part, n: row.n };
    if (await done({ kind: 'measured', state, ...values, ...place })) setTexts({ width: '', height: '' });
  };
  return (
    <section className="mt-6 border-t border-line pt-4" aria-labelledby="measured-at">
      <h2 id="measured-at" className="text-xl">
        {at.label} at row {row.n}
      </h2>
      <div className="mt-2 grid grid-cols-2 gap-2">
        {(['width', 'height'] as const).map((key) => (
          <label key={key} className="grid gap-0.5 text-[13px] text-soft">
            {key === 'width' ? 'Width' : 'Height'} ({units}), should be{' '}
            {formatLength(wanted(row[key]), units)}
            <input
              inputMode="decimal"
              className="min-h-[40px] w-full min-w-0 rounded border border-line bg-sheet px-2 text-right text-[16px] text-ink"
              value={texts[key]}
              onChange={(event) => setTexts({ ...texts, [key]: event.target.value })}
            />
            <span className="min-h-5">{off(key === 'width' ? width : height, wanted(row[key]))}</span>
          </label>
        ))}
      </div>
      {trouble && !trouble.ok && (
        <p role="alert" className="text-[13px] text-broken">
          {trouble.message}
        </p>
      )}
      <div className="mt-1 flex flex-wrap items-center gap-3">
        <label className="flex items-center gap-1.5 text-[14px]">
          <input
            type="checkbox"
            checked={state === 'blocked'}
            onChange={(event) => setState(event.target.checked ? 'blocked' : 'on the hook')}
          />
          washed and dry
        </label>
        <Button disabled={(!width?.ok && !height?.ok) || trouble !== undefined} onClick={() => void keep()}>
          Note it
        </Button>
      </div>
    </section>
  );
}

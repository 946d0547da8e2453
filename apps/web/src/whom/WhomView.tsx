import { lazy, Suspense, useMemo, useState } from 'react';
import {
  bodyOfPerson,
  cloudBody,
  formatLength,
  oneMore,
  openBodies,
  PLACES,
  rangeFit,
  rangeSize,
  USUAL_TOLERANCE,
  type CloudBody,
  type FitPlace,
  type Person,
  type RangeFit,
  type RangeSize,
  type WornBy,
} from '@upfell/core';
import { useDocument, useSizePlan, useUnits } from '../state/useSizePlan';
import { Button } from '../ui/Button';
import { Switch } from '../ui/Switch';
import { useBox } from '../ui/useBox';
import { CloudPlot } from './CloudPlot';

const ImportTable = lazy(() =>
  import('../chart/ImportTable').then((module) => ({ default: module.ImportTable })),
);

type Source = 'women' | 'men' | 'people' | 'file';

const NOBODY: readonly Person[] = [];
const PLACE_WORDS: Readonly<Record<FitPlace, string>> = { bust: 'bust', hip: 'hip', upperArm: 'upper arm' };
/** What is allowed at hip and upper arm, as a share of that at the bust: as the core judges. */
const SHARE = { hip: 1.25, upperArm: 0.5 };

/** Whom the range fits: a cloud of bodies laid over the sizes, who would wear which, and what another size or ease would change. */
export function WhomView() {
  const planned = useSizePlan();
  const units = useUnits();
  const { people = NOBODY } = useDocument();
  const [source, setSource] = useState<Source>(people.length > 0 ? 'people' : 'women');
  const [file, setFile] = useState<{ name: string; cloud: CloudBody[] } | null>(null);
  const [reading, setReading] = useState(false);
  const [tighter, setTighter] = useState(USUAL_TOLERANCE.tighter);
  const [pointed, setPointed] = useState<{ cloud: readonly CloudBody[]; at: number | null } | null>(null);
  const { ref, box } = useBox<HTMLDivElement>();
  const cloud = useMemo((): CloudBody[] => {
    if (source === 'file') return file?.cloud ?? [];
    if (source === 'people')
      return people.flatMap(
        (person) => cloudBody(person.id, person.name, bodyOfPerson(person), person.group) ?? [],
      );
    const sex = source === 'women' ? 'female' : 'male';
    return openBodies()
      .filter((body) => body.sex === sex)
      .flatMap(({ id, sex: _, ...body }) => cloudBody(id, `No ${id} of the open data`, body) ?? []);
  }, [source, people, file]);
  const tolerance = useMemo(() => ({ tighter, looser: tighter + 3 }), [tighter]);
  const range = useMemo(
    () =>
      (planned?.plan.sizes ?? [])
        .filter(({ pieces }) => pieces.length > 0)
        .map((size) => rangeSize(size))
        .filter(({ garment }) => garment.bust !== undefined)
        .sort((a, b) => a.garment.bust! - b.garment.bust!),
    [planned?.plan],
  );
  const fit = useMemo(() => rangeFit(range, cloud, tolerance), [range, cloud, tolerance]);
  const at = pointed?.cloud === cloud ? pointed.at : null;
  if (!planned) return <p className="text-soft">Working the sizes …</p>;
  if (range.length === 0)
    return (
      <p className="text-soft">
        This garment does not go round a bust in a way that can be held against bodies, or no size can be
        worked yet.
      </p>
    );
  const hip = range.some(({ garment }) => garment.hip !== undefined);
  const arm = range.some(({ garment }) => garment.upperArm !== undefined);
  const plots = [...(hip ? (['hip'] as const) : []), ...(arm ? (['upperArm'] as const) : [])];
  const width = box
    ? Math.max(280, Math.floor((box.width - 16) / (box.width > 700 ? plots.length || 1 : 1)))
    : 0;
  return (
    <div className="max-w-6xl">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-2">
        <Switch
          label="Bodies"
          value={source}
          options={[
            { value: 'women', label: 'open data, women' },
            { value: 'men', label: 'open data, men' },
            ...(people.length > 0 ? [{ value: 'people' as const, label: `people (${people.length})` }] : []),
            ...(file ? [{ value: 'file' as const, label: file.name }] : []),
          ]}
          onChange={setSource}
        />
        <Button onClick={() => setReading(true)}>Read bodies from a CSV …</Button>
        <label className="flex items-center gap-2">
          still sits when tighter by
          <input
            type="range"
            min={1}
            max={8}
            step={0.5}
            value={tighter}
            className="w-28"
            aria-valuetext={formatLength(tighter, units, { unit: true })}
            onChange={({ target }) => setTighter(Number(target.value))}
          />
          <strong className="w-14">{formatLength(tighter, units, { unit: true })}</strong>
        </label>
      </div>
      <p className="mt-2 text-[15px]" aria-live="polite" data-testid="whom-sum">
        {cloud.length === 0 ? (
          'There are no bodies here yet.'
        ) : (
          <>
            <strong>{fit.fits}</strong> of {cloud.length} would wear one of {range.length}{' '}
            {range.length === 1 ? 'size' : 'sizes'} as it was designed; {whyInWords(fit)}.
          </>
        )}
      </p>
      <div ref={ref} className="mt-3 flex flex-wrap gap-4">
        {box &&
          plots.map((up) => (
            <CloudPlot
              key={up}
              up={up}
              range={range}
              cloud={cloud}
              worn={fit.worn}
              across={tolerance}
              upwards={{ tighter: tolerance.tighter * SHARE[up], looser: tolerance.looser * SHARE[up] }}
              chosen={planned.size.id}
              units={units}
              width={width}
              height={340}
              at={at}
              onBody={(next) => setPointed({ cloud, at: next })}
            />
          ))}
      </div>
      <p className="min-h-6 text-[13px]" aria-live="polite">
        {at !== null && cloud[at] ? (
          <BodyWords body={cloud[at]} worn={fit.worn[at]!} range={range} units={units} />
        ) : (
          <span className="text-soft">
            Dots wear a size, crosses fall between or need another size at one place, rings are beyond the
            range. A frame holds the bodies that its size sits on. Point at a body to read it.
          </span>
        )}
      </p>
      <div className="mt-4 flex flex-wrap gap-x-12 gap-y-5">
        <SizesTable fit={fit} chosen={planned.size.id} units={units} all={cloud.length} />
        <Otherwise range={range} cloud={cloud} fit={fit} tolerance={tolerance} units={units} />
      </div>
      <p className="mt-4 max-w-3xl text-[12.5px] text-soft">
        The open data are 254 measured adults (Heinz and others, 2003), most of them young and active, few of
        them large; women’s chests were taken above the fullest part. They tell about proportions, not about
        your customers.
      </p>
      {reading && (
        <Suspense fallback={null}>
          <ImportTable
            title="Bodies from a CSV file"
            take="Lay these over the sizes"
            onClose={() => setReading(false)}
            onTake={(sizes, name) => {
              setFile({
                name,
                cloud: sizes.flatMap(({ id, label, body, group }) => cloudBody(id, label, body, group) ?? []),
              });
              setSource('file');
              setReading(false);
            }}
          />
        </Suspense>
      )}
    </div>
  );
}

/** How many do not, and why. */
function whyInWords({ worn }: RangeFit): string {
  const many = (...why: WornBy['why'][]) => worn.filter((one) => why.includes(one.why)).length;
  const parts = [
    [many('between sizes'), 'fall between two'],
    [many('smaller than the range'), 'are smaller than the range'],
    [many('larger than the range'), 'are larger'],
    [many('hip'), 'need another size at the hip'],
    [many('upperArm'), 'need another at the upper arm'],
    [many('bust'), 'need another at the bust'],
  ].filter(([count]) => (count as number) > 0);
  return parts.length === 0
    ? 'nobody is left out'
    : parts.map(([count, words]) => `${count} ${words}`).join(', ');
}

/** One body: its girths, the size nearest to it, and the ease over each place. */
function BodyWords({
  body: { label, body },
  worn,
  range,
  units,
}: {
  body: CloudBody;
  worn: WornBy;
  range: readonly RangeSize[];
  units: 'cm' | 'in';
}) {
  const size = range.find(({ id }) => id === worn.nearest)!.label;
  const eases = PLACES.flatMap((place) =>
    worn.ease[place] === undefined
      ? []
      : [
          `${PLACE_WORDS[place]} ${formatLength(body[place]!, units)} with ${formatLength(worn.ease[place], units, { sign: true, unit: true })}`,
        ],
  );
  return (
    <>
      <strong>{label}</strong>, {worn.size ? `wears ${size}` : `nearest ${size}: ${worn.why}`}:{' '}
      {eases.join(', ')}.
    </>
  );
}

/** How many wear each size, with their mean ease. */
function SizesTable({
  fit,
  chosen,
  units,
  all,
}: {
  fit: RangeFit;
  chosen: string;
  units: 'cm' | 'in';
  all: number;
}) {
  const most = Math.max(1, ...fit.sizes.map(({ many }) => many));
  return (
    <table className="text-[13px]" data-testid="whom-sizes">
      <thead className="text-soft">
        <tr>
          <th className="pr-4 text-left font-normal">size</th>
          <th className="text-right font-normal">bodies</th>
          <th className="w-36 pl-3" aria-label="share" />
          {PLACES.map((place) => (
            <th key={place} className="pl-4 text-right font-normal">
              mean ease, {PLACE_WORDS[place]}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {fit.sizes.map(({ id, label, many, ease }) => (
          <tr key={id} className={id === chosen ? 'font-semibold' : ''}>
            <th className="pr-4 text-left font-normal">{label}</th>
            <td className="text-right">{many}</td>
            <td className="pl-3">
              <span
                className="block h-2 bg-agreed"
                style={{ width: `${(100 * many) / most}%` }}
                title={`${all > 0 ? Math.round((100 * many) / all) : 0} %`}
              />
            </td>
            {PLACES.map((place) => (
              <td key={place} className="pl-4 text-right">
                {ease[place] === undefined ? '–' : formatLength(ease[place], units, { sign: true })}
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** What one more size, or another ease, would change. */
function Otherwise({
  range,
  cloud,
  fit,
  tolerance,
  units,
}: {
  range: readonly RangeSize[];
  cloud: readonly CloudBody[];
  fit: RangeFit;
  tolerance: { tighter: number; looser: number };
  units: 'cm' | 'in';
}) {
  const planned = useSizePlan();
  const lines = useMemo(() => {
    const [smaller, larger] = [oneMore(range, 'smaller'), oneMore(range, 'larger')];
    const eased = (more: number) =>
      (planned?.plan.sizes ?? [])
        .filter(({ id }) => range.some((size) => size.id === id))
        .map((size) => ({ ...rangeSize(size, more), ease: range.find(({ id }) => id === size.id)!.ease }))
        .sort((a, b) => a.garment.bust! - b.garment.bust!);
    const cases: [string, readonly RangeSize[]][] = [
      ...(smaller ? [['one size smaller', [smaller, ...range]] as [string, RangeSize[]]] : []),
      ...(larger ? [['one size larger', [...range, larger]] as [string, RangeSize[]]] : []),
      [`${formatLength(4, units, { unit: true })} more ease at bust and hip`, eased(4)],
      [`${formatLength(4, units, { unit: true })} less`, eased(-4)],
    ];
    return cases.map(([words, other]) => ({ words, fits: rangeFit(other, cloud, tolerance).fits }));
  }, [range, cloud, tolerance, units, planned?.plan]);
  if (cloud.length === 0) return null;
  return (
    <table className="self-start text-[13px]" data-testid="whom-otherwise">
      <thead className="text-soft">
        <tr>
          <th className="pr-6 text-left font-normal">with</th>
          <th className="text-right font-normal">would wear a size</th>
          <th className="pl-4 text-right font-normal">change</th>
        </tr>
      </thead>
      <tbody>
        {lines.map(({ words, fits }) => (
          <tr key={words}>
            <th className="pr-6 text-left font-normal">{words}</th>
            <td className="text-right">{fits}</td>
            <td className="pl-4 text-right font-semibold">
              {fits === fit.fits ? '0' : `${fits > fit.fits ? '+' : '−'}${Math.abs(fits - fit.fits)}`}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

import { lazy, Suspense, useMemo, useState } from 'react';
import {
  bodyOfPerson,
  cloudBody,
  formatLength,
  openBodies,
  rangeFit,
  rangeSize,
  toleranceAt,
  USUAL_TOLERANCE,
  type CloudBody,
  type Person,
} from '@upfell/core';
import { useDocument, useSizePlan, useUnits } from '../state/useSizePlan';
import { Button } from '../ui/Button';
import { Switch } from '../ui/Switch';
import { useBox } from '../ui/useBox';
import { CloudPlot } from './CloudPlot';
import { BodyWords, Otherwise, SizesTable, whyInWords } from './WhomTables';

const ImportTable = lazy(() =>
  import('../chart/ImportTable').then((module) => ({ default: module.ImportTable })),
);

type Source = 'women' | 'men' | 'people' | 'file';

const NOBODY: readonly Person[] = [];

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
              upwards={toleranceAt(up, tolerance)}
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

import { useState } from 'react';
import { toast } from 'sonner';
import {
  chartDifferences,
  formatLength,
  measurement,
  originOf,
  STANDARD_CHARTS,
  type ChartDifference,
  type ChartSize,
  type Design,
  type SizeChart,
} from '@upfell/core';
import type { Draft } from 'immer';
import { charts } from '../api/library';
import { download, fileName } from '../files/download';
import { useDocument } from '../state/useSizePlan';
import { useList } from '../library/useList';
import { edit } from '../state/designStore';
import { Button } from '../ui/Button';
import { NameDialog } from '../ui/NameDialog';
import { sizesCsv } from './csv';
import { ImportTable } from './ImportTable';

/** Puts sizes in the place of the design's; counts held for sizes that are gone go with them. */
function putSizes(document: Draft<Design>, sizes: readonly ChartSize[]): void {
  document.sizes = structuredClone(sizes) as Draft<ChartSize>[];
  document.pins = document.pins.filter((pin) => sizes.some(({ id }) => id === pin.size));
}

/** Where the sizes come from: the chart taken, what differs from it, other charts, and CSV files in and out. */
export function ChartTab() {
  const { sizes, units, chart: origin, name } = useDocument();
  const { entries, trouble, load } = useList(charts.list);
  const [chosen, setChosen] = useState('');
  const [naming, setNaming] = useState(false);
  const [importing, setImporting] = useState(false);
  const own = entries ?? [];
  const all = [
    ...STANDARD_CHARTS.map(({ id, chart }) => ({ id, chart, revision: undefined })),
    ...own.map(({ id, document, revision }) => ({ id, chart: document, revision })),
  ];
  const picked = all.find(({ id }) => id === chosen);
  const take = (id: string, chart: SizeChart, revision: number | undefined) => {
    const message = edit('sizes', (document) => {
      putSizes(document, chart.sizes);
      document.chart = structuredClone(originOf(id, chart, revision)) as Draft<NonNullable<Design['chart']>>;
    });
    if (message) toast.error(message);
    else toast(`${chart.sizes.length} sizes taken from “${chart.name}”. Undo brings yours back.`);
  };
  const keep = async (chartName: string) => {
    const chart: SizeChart = {
      format: 'upfell/chart',
      version: 1,
      name: chartName,
      source: `From ${name}`,
      sizes,
    };
    const stored = await charts.create(chart);
    edit('chart', (document) => {
      document.chart = structuredClone(originOf(stored.id, chart, stored.revision)) as Draft<
        NonNullable<Design['chart']>
      >;
    });
    toast(`“${chartName}” is in the library of charts.`);
    load();
  };
  return (
    <div className="max-w-3xl space-y-6">
      <section aria-label="The chart of this design">
        <h2 className="mb-1 text-lg">{origin ? `From “${origin.name}”` : 'Sizes of its own'}</h2>
        {origin ? (
          <Origin library={entries ? own : null} take={take} />
        ) : (
          <p className="text-soft">
            These sizes come from no chart. Take one below, or keep these as a chart for other designs.
          </p>
        )}
        <div className="mt-3 flex flex-wrap gap-2">
          <Button onClick={() => setNaming(true)}>Keep these sizes as a chart …</Button>
          <Button onClick={() => download(`${fileName(name)} sizes.csv`, sizesCsv(sizes, units), 'text/csv')}>
            Download as CSV
          </Button>
          <Button onClick={() => setImporting(true)}>Read a CSV …</Button>
        </div>
      </section>
      <section aria-label="Take a chart">
        <h2 className="mb-1 text-lg">Take another chart</h2>
        {trouble && (
          <p role="alert" className="text-broken">
            {trouble} <Button onClick={load}>Try again</Button>
          </p>
        )}
        <select
          aria-label="Charts"
          className="rounded border border-line bg-sheet px-1.5 py-1"
          value={chosen}
          onChange={(event) => setChosen(event.target.value)}
        >
          <option value="">choose …</option>
          <optgroup label="Published charts">
            {STANDARD_CHARTS.map(({ id, chart }) => (
              <option key={id} value={id}>
                {chart.name} ({chart.source.split(',')[0]!.replace(/^After the /, '')})
              </option>
            ))}
          </optgroup>
          {own.length > 0 && (
            <optgroup label="Your charts">
              {own.map(({ id, document }) => (
                <option key={id} value={id}>
                  {document.name}
                </option>
              ))}
            </optgroup>
          )}
        </select>
        {picked && (
          <div className="mt-2">
            <p className="text-[13px] text-soft">{picked.chart.source}</p>
            <ChartPreview sizes={picked.chart.sizes} />
            <Button look="strong" onClick={() => take(picked.id, picked.chart, picked.revision)}>
              Take these {picked.chart.sizes.length} sizes
            </Button>{' '}
            <span className="text-[12.5px] text-soft">
              in place of the {sizes.length} here; can be undone
            </span>
          </div>
        )}
      </section>
      {naming && (
        <NameDialog
          title="Keep these sizes as a chart"
          name={`${name}, sizes`}
          action="Keep"
          onClose={() => setNaming(false)}
          onName={keep}
        />
      )}
      {importing && (
        <ImportTable
          title="Sizes from a CSV file"
          take="Take these sizes"
          onClose={() => setImporting(false)}
          onTake={(read, file) => {
            const message = edit('sizes', (document) => {
              putSizes(document, read);
              delete document.chart;
            });
            if (message) toast.error(message);
            else toast(`${read.length} sizes read from ${file}. Undo brings yours back.`);
          }}
        />
      )}
    </div>
  );
}

/** What has become of the chart that the design took, and where the design differs. */
function Origin({
  library,
  take,
}: {
  library: readonly { id: string; document: SizeChart; revision: number }[] | null;
  take: (id: string, chart: SizeChart, revision: number | undefined) => void;
}) {
  const { sizes, chart: origin, units } = useDocument();
  const differences = chartDifferences(origin!, sizes);
  const standard = STANDARD_CHARTS.some(({ id }) => id === origin!.id);
  const entry = library?.find(({ id }) => id === origin!.id);
  const gone = library !== null && !standard && !entry;
  const newer = entry && origin!.revision !== undefined && entry.revision > origin!.revision;
  const figure = (cm: number | null) => (cm === null ? 'derived' : formatLength(cm, units));
  const back = (list: readonly ChartDifference[]) =>
    edit('sizes', (document) => {
      for (const { size, measurement: id, chart } of list) {
        const { body } = document.sizes.find((one) => one.id === size)!;
        if (chart === null) delete body[id];
        else body[id] = chart;
      }
    });
  return (
    <>
      {gone && (
        <p className="text-soft">
          The chart is no longer in the library; this design keeps its own copy of it.
        </p>
      )}
      {newer && (
        <p className="flex items-center gap-2 text-eased">
          The chart has been changed since.{' '}
          <Button onClick={() => take(entry.id, entry.document, entry.revision)}>Take its new figures</Button>
        </p>
      )}
      {differences.length === 0 ? (
        <p className="text-agreed">Every figure is as in the chart.</p>
      ) : (
        <>
          <table className="mt-1 text-left text-[13px]" data-testid="chart-differences">
            <thead className="text-soft">
              <tr>
                <th className="pr-4 font-normal">Size</th>
                <th className="pr-4 font-normal">Measurement</th>
                <th className="pr-4 text-right font-normal">chart</th>
                <th className="pr-4 text-right font-normal">here</th>
                <th>
                  <span className="sr-only">Back</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {differences.slice(0, 60).map((difference) => (
                <tr key={`${difference.size} ${difference.measurement}`} className="border-t border-line/60">
                  <td className="pr-4">{sizes.find(({ id }) => id === difference.size)?.label}</td>
                  <td className="pr-4">{measurement(difference.measurement).label}</td>
                  <td className="pr-4 text-right text-soft">{figure(difference.chart)}</td>
                  <td className="pr-4 text-right font-semibold">{figure(difference.design)}</td>
                  <td>
                    <Button look="quiet" className="underline" onClick={() => back([difference])}>
                      as the chart
                    </Button>
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
          {differences.length > 60 && <p className="text-soft">and {differences.length - 60} more</p>}
          <Button className="mt-2" onClick={() => back(differences)}>
            All as the chart
          </Button>
        </>
      )}
    </>
  );
}

/** The first figures of a chart: its busts, by size. */
export function ChartPreview({ sizes }: { sizes: readonly ChartSize[] }) {
  const { units } = useDocument();
  return (
    <p className="my-2 flex flex-wrap gap-x-3 gap-y-0.5 text-[13px]">
      {sizes.slice(0, 20).map(({ id, label, body }) => (
        <span key={id}>
          <strong>{label}</strong> {body.bust === undefined ? '–' : formatLength(body.bust, units)}
        </span>
      ))}
    </p>
  );
}

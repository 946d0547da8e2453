import { useState } from 'react';
import { useNavigate } from 'react-router';
import { toast } from 'sonner';
import { newDesign, originOf, STANDARD_CHARTS, type ChartSize, type SizeChart } from '@upfell/core';
import { charts } from '../api/library';
import { designs } from '../api/designs';
import { download, fileName } from '../files/download';
import { LibraryPage } from '../library/LibraryPage';
import { Button } from '../ui/Button';
import { sizesCsv } from './csv';
import { ImportTable } from './ImportTable';

function sizesInWords(sizes: readonly ChartSize[]): string {
  return sizes.length === 1
    ? `1 size, ${sizes[0]!.label}`
    : `${sizes.length} sizes, ${sizes[0]!.label} to ${sizes.at(-1)!.label}`;
}

/** The library of size charts: one's own, and the published ones that come with the program. */
export function ChartsPage() {
  const [importing, setImporting] = useState<(() => void) | null>(null);
  const navigate = useNavigate();
  const begin = async (id: string, chart: SizeChart, revision?: number) => {
    try {
      const design = {
        ...newDesign('New pullover'),
        sizes: chart.sizes,
        chart: originOf(id, chart, revision),
      };
      await navigate(`/designs/${(await designs.create(design)).id}/body`);
    } catch (error) {
      toast.error((error as Error).message);
    }
  };
  const asCsv = (chart: SizeChart) =>
    download(`${fileName(chart.name)}.csv`, sizesCsv(chart.sizes, 'cm'), 'text/csv');
  return (
    <>
      <LibraryPage
        kind={charts}
        one="chart"
        many="charts"
        empty="No charts of your own yet. Keep a design’s sizes as a chart, or read one from a CSV file."
        describe={({ sizes, source }) => `${sizesInWords(sizes)}${source ? ` · ${source}` : ''}`}
        more={({ id, document, revision }) => (
          <>
            <Button className="mr-1" onClick={() => void begin(id, document, revision)}>
              Begin a design
            </Button>
            <Button className="mr-1" onClick={() => asCsv(document)}>
              CSV
            </Button>
          </>
        )}
        tools={(load) => <Button onClick={() => setImporting(() => load)}>Read a CSV …</Button>}
      >
        <h2 className="mt-10 mb-2 text-lg">Published charts</h2>
        <ul className="border-t border-line">
          {STANDARD_CHARTS.map(({ id, chart }) => (
            <li key={id} className="flex items-center gap-4 border-b border-line py-2">
              <span className="min-w-0 grow px-2">
                <span className="block font-semibold">{chart.name}</span>
                <span className="text-[13px] text-soft">
                  {sizesInWords(chart.sizes)} · {chart.source}
                </span>
              </span>
              <Button onClick={() => void begin(id, chart)}>Begin a design</Button>
              <Button onClick={() => asCsv(chart)}>CSV</Button>
            </li>
          ))}
        </ul>
      </LibraryPage>
      {importing && (
        <ImportTable
          title="A chart from a CSV file"
          take="Keep as a chart"
          onClose={() => setImporting(null)}
          onTake={(sizes, file) => {
            const name = file.replace(/\.[^.]*$/, '').slice(0, 200) || 'Chart';
            charts
              .create({
                format: 'upfell/chart',
                version: 1,
                name,
                source: `Read from ${file}`.slice(0, 200),
                sizes,
              })
              .then(
                () => importing(),
                (error: Error) => toast.error(error.message),
              );
          }}
        />
      )}
    </>
  );
}

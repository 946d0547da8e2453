import { DropdownMenu } from 'radix-ui';
import { Download, X } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import {
  patternToHtml,
  patternToPlainText,
  patternToText,
  type Design,
  type PatternText,
  type Terms,
} from '@upfell/core';
import { download, fileName, offer } from '../files/download';
import { downloadDesign, downloadPlan } from '../files/designFiles';
import { askCounts, askSchematic } from '../state/planner';
import type { ScreenPlan } from '../worker/screen';
import { Button } from '../ui/Button';
import { MENU, MENU_ITEM } from '../ui/menu';
import type { Paper } from './documents';
import { garmentFigure } from './picture';
import { DRAWN, makeBundle } from './bundle';
import { makePdf, type PdfJob } from './makePdf';

interface Props {
  /** The photograph of the sample as a data URL. */
  photo: string | null;
  text: PatternText;
  plan: ScreenPlan;
  document: Design;
  terms: Terms;
  /** The size written alone; all without it. */
  size: string | null;
}

/** The pattern as files; a PDF shows how far it is and can be stopped. */
export function ExportMenu({ text, plan, document, size, terms, photo }: Props) {
  const [running, setRunning] = useState<{ what: string; share: number; cancel: () => void } | null>(null);
  const name = fileName(text.title);
  const drawing = () => askSchematic({ size, units: document.units, terms, width: DRAWN });
  const figure = photo ? null : garmentFigure(plan, size);
  const picture = photo ? { photo } : figure ? { svg: figure } : undefined;
  /** Runs what takes its time: it shows how far it is, can be stopped, and is saved when it is done. */
  const run = async (
    what: string,
    file: string,
    start: (tell: (share: number) => void) => PdfJob | Promise<PdfJob>,
  ) => {
    setRunning({ what, share: 0, cancel: () => undefined });
    try {
      const job = await start((share) => setRunning((now) => now && { ...now, share }));
      setRunning({ what, share: 0, cancel: job.cancel });
      const blob = await job.done;
      if (blob) offer(file, blob);
      else toast(`The ${what} was stopped; nothing was saved.`);
    } catch (error) {
      toast.error(`The ${what} could not be made: ${(error as Error).message}`);
    } finally {
      setRunning(null);
    }
  };
  const pdf = (paper: Paper, how: { large?: boolean } = {}) =>
    run('PDF', `${name}.pdf`, async (tell) =>
      makePdf(
        text,
        await drawing(),
        { units: document.units, paper, ...how, ...(picture ? { picture } : {}) },
        tell,
      ),
    );
  const bundle = (eachSize: boolean) =>
    run('zip', `${name}.zip`, (tell) =>
      makeBundle(
        { plan, document, style: text.style, terms, paper: 'A4', ...(picture ? { picture } : {}), eachSize },
        tell,
      ),
    );
  const files: readonly [label: string, make: () => void | Promise<void>][] = [
    ['PDF, A4', () => pdf('A4')],
    ['PDF, Letter', () => pdf('LETTER')],
    ['PDF, A4, large print', () => pdf('A4', { large: true })],
    ['For stores: all PDFs, drawings and tables (zip)', () => bundle(false)],
    ['For testers: the same, and a PDF for each size (zip)', () => bundle(true)],
    ['Markdown', () => download(`${name}.md`, patternToText(text), 'text/markdown')],
    ['Plain text', () => download(`${name}.txt`, patternToPlainText(text), 'text/plain')],
    [
      'Web page (HTML)',
      async () => {
        const { svg, charts } = await drawing();
        download(
          `${name}.html`,
          patternToHtml(text, svg + charts.map((chart) => chart.svg).join('')),
          'text/html',
        );
      },
    ],
    ['Schematic (SVG)', async () => download(`${name}.svg`, (await drawing()).svg, 'image/svg+xml')],
    [
      'Strips of rows (SVG)',
      async () => download(`${name} strips.svg`, (await drawing()).strips, 'image/svg+xml'),
    ],
    [
      'Charts of stitch patterns (SVG)',
      async () => {
        const { charts } = await drawing();
        if (charts.length === 0) toast('These fabrics are plain: they have no chart.');
        for (const { title, svg } of charts) download(`${fileName(title)}.svg`, svg, 'image/svg+xml');
      },
    ],
    ['All counts (CSV)', async () => download(`${name}.csv`, await askCounts(), 'text/csv')],
    ['Plan (JSON)', () => downloadPlan(document)],
    ['Design (JSON)', () => downloadDesign(document)],
  ];
  if (running)
    return (
      <span className="flex items-center gap-2" role="status" data-testid="pdf-progress">
        <progress value={running.share} max={1} aria-label={`Making the ${running.what}`} className="w-28" />
        <span className="text-[13px] text-soft">
          {running.what === 'zip' ? 'Zip' : running.what} {Math.round(running.share * 100)} %
        </span>
        <Button onClick={running.cancel}>
          <X size={14} aria-hidden /> Stop
        </Button>
      </span>
    );
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button>
          <Download size={14} aria-hidden /> Export
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content align="end" className={`${MENU} min-w-44`}>
          {files.map(([label, make]) => (
            <DropdownMenu.Item key={label} className={MENU_ITEM} onSelect={() => void make()}>
              {label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

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
import { Button } from '../ui/Button';
import { MENU_ITEM } from '../ui/menu';
import type { Paper } from './documents';
import { sketchPicture } from './picture';
import { makePdf } from './makePdf';

/** Width at which the schematic is drawn for print, px. */
const DRAWN = 740;

interface Props {
  text: PatternText;
  document: Design;
  terms: Terms;
  /** The size written alone; all without it. */
  size: string | null;
}

/** The pattern as files; a PDF shows how far it is and can be stopped. */
export function ExportMenu({ text, document, size, terms }: Props) {
  const [running, setRunning] = useState<{ share: number; cancel: () => void } | null>(null);
  const name = fileName(text.title);
  const drawing = () => askSchematic({ size, units: document.units, terms, width: DRAWN });
  const pdf = async (paper: Paper, how: { large?: boolean } = {}) => {
    setRunning({ share: 0, cancel: () => undefined });
    try {
      const schematic = await drawing();
      const job = makePdf(
        text,
        schematic,
        { units: document.units, paper, ...how, picture: sketchPicture(document) },
        (share) => setRunning((now) => now && { ...now, share }),
      );
      setRunning({ share: 0, cancel: job.cancel });
      const blob = await job.done;
      if (blob) offer(`${name}.pdf`, blob);
      else toast('The PDF was stopped; nothing was saved.');
    } catch (error) {
      toast.error(`The PDF could not be made: ${(error as Error).message}`);
    } finally {
      setRunning(null);
    }
  };
  const files: readonly [label: string, make: () => void | Promise<void>][] = [
    ['PDF, A4', () => pdf('A4')],
    ['PDF, Letter', () => pdf('LETTER')],
    ['PDF, A4, large print', () => pdf('A4', { large: true })],
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
        <progress value={running.share} max={1} aria-label="Making the PDF" className="w-28" />
        <span className="text-[13px] text-soft">PDF {Math.round(running.share * 100)} %</span>
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
        <DropdownMenu.Content
          align="end"
          className="z-50 min-w-44 rounded border border-line bg-sheet p-1 shadow-lg"
        >
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

import { strToU8, zip, type Zippable } from 'fflate';
import {
  finishedRows,
  pattern,
  patternToText,
  toCsv,
  type Design,
  type HouseStyle,
  type Terms,
  type Units,
} from '@upfell/core';
import { fileName } from '../files/download';
import { askCounts, askSchematic } from '../state/planner';
import type { ScreenPlan } from '../worker/screen';
import type { Paper, PrintWish } from './documents';
import { makePdf, type PdfJob } from './makePdf';

/** Width at which drawings are made for print, px. */
export const DRAWN = 740;

export interface BundleWish {
  plan: ScreenPlan;
  document: Design;
  style: Partial<HouseStyle>;
  terms: Terms;
  paper: Paper;
  picture?: NonNullable<PrintWish['picture']>;
  /** A PDF for each size besides those of all sizes. */
  eachSize: boolean;
}

const UNITS: readonly Units[] = ['cm', 'in'];
const TERMS: readonly Terms[] = ['us', 'uk'];

/**
 * Everything that a store or a tester gets, as one zip: the pattern as PDF in both units and both terms (and for each size if wanted), the
 * text, the schematic, charts of stitch patterns, all counts and finished measurements.
 *
 * @param onProgress gets the share done, 0 to 1
 * @returns a job that ends with the zip, or with null when it was cancelled
 */
export function makeBundle(wish: BundleWish, onProgress: (share: number) => void): PdfJob {
  const { plan, document, style, terms, paper, picture, eachSize } = wish;
  let running: PdfJob | null = null;
  let cancelled = false;
  const name = fileName(document.name);
  const sizes = plan.sizes.filter(({ pieces }) => pieces.length > 0);
  const prints = [
    ...TERMS.flatMap((inTerms) =>
      UNITS.map((units) => ({
        terms: inTerms,
        units,
        size: null as string | null,
        file: `${name} ${inTerms.toUpperCase()} ${units}`,
      })),
    ),
    ...(eachSize
      ? sizes.map(({ id, label }) => ({
          terms,
          units: document.units,
          size: id,
          file: `sizes/${name} ${fileName(label)}`,
        }))
      : []),
  ];
  const work = async (): Promise<Blob | null> => {
    const files: Zippable = {};
    for (const [i, { terms: inTerms, units, size, file }] of prints.entries()) {
      if (cancelled) return null;
      const text = pattern(plan, document, { terms: inTerms, units, style, ...(size ? { size } : {}) });
      const schematic = await askSchematic({ size, units, terms: inTerms, width: DRAWN });
      running = makePdf(text, schematic, { units, paper, ...(picture ? { picture } : {}) }, (share) =>
        onProgress((i + share) / prints.length),
      );
      const blob = await running.done;
      if (!blob || cancelled) return null;
      // A PDF is packed already.
      files[`${file}.pdf`] = [new Uint8Array(await blob.arrayBuffer()), { level: 0 }];
      if (!size) {
        files[`text/${file}.md`] = strToU8(patternToText(text));
        files[`schematic ${units}.svg`] ??= strToU8(schematic.svg);
        for (const chart of schematic.charts)
          files[`charts/${fileName(chart.title)} ${inTerms.toUpperCase()}.svg`] = strToU8(chart.svg);
      }
    }
    files['counts.csv'] = strToU8(await askCounts());
    for (const units of UNITS)
      files[`finished measurements ${units}.csv`] = strToU8(toCsv(finishedRows(sizes, units)));
    return await new Promise<Blob>((resolve, reject) =>
      zip(files, (error, data) =>
        error
          ? reject(error)
          : resolve(new Blob([data as Uint8Array<ArrayBuffer>], { type: 'application/zip' })),
      ),
    );
  };
  return {
    done: work(),
    cancel: () => {
      cancelled = true;
      running?.cancel();
    },
  };
}

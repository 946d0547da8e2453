import {
  assemblyOf,
  cameBack,
  changeWishes,
  clashInWords,
  compareCounts,
  compareFinished,
  doubtsOf,
  fabricStitches,
  flowOf,
  formatLength,
  inWords,
  isOwn,
  judgeGauge,
  keyInPiece,
  lineToText,
  pattern,
  preview,
  promptsAt,
  provenText,
  replay,
  rowsOf,
  rowsToWork,
  settledIn,
  stitchChart,
  workIn,
  yarnInHand,
  type AxisJudgement,
  type CameBack,
  type ChangeWish,
  type ChangeWords,
  type CountChange,
  type Design,
  type FinishedChange,
  type Gauge,
  type GaugeState,
  type Making,
  type Preview,
  type Prompt,
  type Replayed,
  type ReplayMemory,
  type RowToWork,
  type StitchChart,
  type Terms,
  type Units,
  type YarnInHand,
} from '@upfell/core';
import { pinOutOf } from './planner';

/** A making as it is sent here. */
export interface MakingAsked {
  id: string;
  design: Design;
  size: string;
  entries: Making['entries'];
}

/** A piece of a making, for its progress. */
export interface MakingPiece {
  id: string;
  label: string;
  copies: number;
  /** Keys of its rows in the order of working. */
  keys: readonly string[];
  /** Rows that it had when the work began. */
  begunWith: number;
  /** Share of its rows in the yarn of all, by stitches. */
  stitches: number;
}

/** A step of joining and finishing in words. */
export interface MakingStep {
  id: string;
  title: string;
  says: string;
  lines: readonly string[];
}

/** What the page shows of a making besides its rows. */
export interface MakingView {
  /** Changes whenever rows or counts do. */
  version: number;
  label: string;
  units: Units;
  child: boolean;
  pieces: readonly MakingPiece[];
  steps: readonly MakingStep[];
  prompts: readonly Prompt[];
  yarn: readonly YarnInHand[];
  fabrics: readonly {
    id: string;
    name: string;
    hook: number;
    onTheHook: Gauge;
    gauge: Gauge;
    isCounted: boolean;
  }[];
  wishes: readonly ChangeWish[];
  /** What has come out otherwise than planned. */
  counts: readonly CountChange[];
  finished: readonly FinishedChange[];
  cautions: readonly string[];
  doubts: readonly string[];
  failed: readonly string[];
}

/** What a change would do, in words and figures. */
export interface PreviewShown {
  can: boolean;
  counts: readonly CountChange[];
  finished: readonly FinishedChange[];
  rows: Preview['rows'];
  clash: readonly string[];
}

/** A judgement of a gauge in figures. */
export interface JudgementShown {
  stitches: AxisJudgement;
  rows: AxisJudgement;
  hook: number | null;
  goOn: PreviewShown;
  changeHook: PreviewShown | null;
  replan: PreviewShown;
}

interface Open {
  asked: MakingAsked;
  replayed: Replayed;
  memory: ReplayMemory;
  version: number;
  rows: Map<string, RowToWork[]>;
  /** As they stand with its version: a tick does not write them again. */
  steps: readonly MakingStep[];
}

/** Plans makings as their logs grow; each is remembered, so that only what is new is replayed. */
export class MakingPlanner {
  private readonly open = new Map<string, Open>();
  private versions = 0;

  /** A making with the entries that it has now. */
  view(asked: MakingAsked): MakingView {
    const { version, replayed, steps } = this.replayed(asked);
    const { standing, begun, entries, failed } = replayed;
    const { plan, design } = standing;
    const done = workIn(plan, entries);
    return {
      version,
      label: plan.label,
      units: design.units,
      child: plan.group !== 'adult',
      pieces: plan.pieces.map(({ id, label, copies, runs }) => ({
        id,
        label,
        copies,
        keys: rowsOf(runs).map(keyInPiece),
        begunWith: rowsOf(begun.plan.pieces.find((piece) => piece.id === id)?.runs ?? []).length,
        stitches: runs.reduce((sum, { row, times }) => sum + times * row.count, 0),
      })),
      steps,
      prompts: promptsAt(replayed),
      yarn: yarnInHand(replayed),
      fabrics: [...standing.gauges.values()].map((stretches) => {
        const { fabric, isCounted } = stretches.at(-1)!;
        const { id, name, hook, gauge } = fabric;
        return { id, name, hook, gauge, onTheHook: fabric.unblocked ?? gauge, isCounted };
      }),
      wishes: changeWishes(standing, settledIn(standing, done)),
      counts: compareCounts({ sizes: [begun.plan] }, { sizes: [plan] }),
      finished: compareFinished({ sizes: [begun.plan] }, { sizes: [plan] }),
      cautions: plan.notes
        .filter(({ code }) => code === 'child-safety')
        .map(({ message }) => inWords(message, design.units)),
      doubts: doubtsOf(replayed, asked),
      failed,
    };
  }

  /** The rows of a piece as they are worked. */
  rows(id: string, piece: string, terms?: Terms): RowToWork[] {
    const open = this.open.get(id)!;
    const key = `${piece} ${terms ?? ''}`;
    const known = open.rows.get(key);
    if (known) return known;
    const { standing } = open.replayed;
    const rows = rowsToWork(standing, piece, { units: standing.design.units, ...(terms ? { terms } : {}) });
    open.rows.set(key, rows);
    return rows;
  }

  /** The stitch pattern of a fabric in symbols; null for a plain one. */
  chart(id: string, fabric: string): StitchChart | null {
    const of = fabricStitches(
      this.open.get(id)!.replayed.standing.design.fabrics.find((one) => one.id === fabric)!,
    );
    return of.is === 'rows' ? stitchChart(of.text, of.proof, { repeats: 2 }) : null;
  }

  preview(id: string, change: ChangeWords): PreviewShown {
    const { replayed } = this.open.get(id)!;
    const { standing, entries } = replayed;
    return shown(preview(standing, change, workIn(standing.plan, entries)), standing.design.units);
  }

  judge(id: string, fabric: string, counted: Gauge & { state: GaugeState }): JudgementShown {
    const { standing, entries } = this.open.get(id)!.replayed;
    const { goOn, changeHook, replan, ...judged } = judgeGauge(
      standing,
      fabric,
      counted,
      workIn(standing.plan, entries),
    );
    const { units } = standing.design;
    return {
      ...judged,
      goOn: shown(goOn, units),
      changeHook: changeHook && shown(changeHook, units),
      replan: shown(replan, units),
    };
  }

  /** What taking a newer state of the design would change. */
  newer(id: string, revision: number, document: Design): PreviewShown {
    const { asked, replayed } = this.open.get(id)!;
    const entry = { id: 'newer', at: '9999-01-01T00:00:00Z', kind: 'design' as const, revision, document };
    const then = replay(asked.design, { size: asked.size, entries: [...asked.entries, entry] });
    const [before, after] = [replayed.standing.plan, then.standing.plan];
    const can = !then.failed.includes('newer');
    return {
      can,
      counts: compareCounts({ sizes: [before] }, { sizes: [after] }),
      finished: compareFinished({ sizes: [before] }, { sizes: [after] }),
      rows: [],
      clash: can
        ? []
        : [
            'What is worked does not begin a garment of the newer state: it stays with the state that it was begun from.',
          ],
    };
  }

  /** The pattern as it now is, for this size alone, and what reading it back comes to. */
  pattern(id: string, terms?: Terms): { text: string; differences: readonly string[] } {
    const { standing } = this.open.get(id)!.replayed;
    const { design, plan } = standing;
    const planned = { design: design.name, construction: design.garment.construction, sizes: [plan] };
    const { text, proof } = provenText(planned, design, {
      units: design.units,
      size: plan.id,
      ...(terms ? { terms } : {}),
    });
    return { text, differences: proof.differences.map(({ piece, message }) => `${piece}: ${message}`) };
  }

  /** What makings tell their designer, each by itself. */
  cameBack(asked: MakingAsked): CameBack {
    return cameBack(this.replayed(asked).replayed);
  }

  private replayed(asked: MakingAsked): Open {
    const known = this.open.get(asked.id);
    const memory = known?.memory ?? {};
    const design =
      known && JSON.stringify(known.asked.design) === JSON.stringify(asked.design)
        ? known.asked.design
        : asked.design;
    const replayed = replay(design, asked, memory);
    const same = known?.replayed.standing === replayed.standing;
    const open: Open = {
      asked: { ...asked, design },
      replayed,
      memory,
      version: same ? known.version : (this.versions += 1),
      rows: same ? known.rows : new Map(),
      steps: same ? known.steps : stepsOf(replayed),
    };
    this.open.set(asked.id, open);
    return open;
  }
}

function shown(of: Preview, units: Units): PreviewShown {
  const { standing, counts, finished, rows } = of;
  return { can: standing !== null, counts, finished, rows, clash: clashInWords(of, units) };
}

/** The steps of putting the garment together, with the lines that the pattern has of each. */
function stepsOf({ standing: { plan, design } }: Replayed): MakingStep[] {
  const { steps } = assemblyOf(plan, design.finishing?.order);
  const text = pattern({ sizes: [plan] }, design, { units: design.units, size: plan.id });
  const section = text.sections.find(({ id }) => id === 'joining');
  const lines = section
    ? flowOf(section).flatMap((part) => (isOwn(part) ? [part.text] : [lineToText(part, text.sizes)]))
    : [];
  const groups: string[][] = [];
  for (const line of lines) {
    if (/^\d+\. /.test(line)) groups.push([]);
    else groups.at(-1)?.push(line);
  }
  const length = (cm: number) => formatLength(cm, design.units, { unit: true });
  const pinned = () =>
    pinOutOf(plan).map(
      ({ label, copies, widest, height }) =>
        `${label}${copies > 1 ? ` × ${copies}` : ''}: ${length(widest)} across, ${length(height)} high`,
    );
  return steps.map(({ id, title, says }, i) => ({
    id,
    title,
    says,
    lines: id === 'block' ? pinned() : (groups[i] ?? []),
  }));
}

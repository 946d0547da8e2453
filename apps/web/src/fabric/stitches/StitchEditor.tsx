import { useState } from 'react';
import {
  KEY_BOX,
  keySymbol,
  LONGEST_STITCH_TEXT,
  rowsText,
  stitchKey,
  withFacts,
  type Fabric,
} from '@upfell/core';
import type { Draft } from 'immer';
import { edit } from '../../state/designStore';
import { useFabric } from '../../state/useFabric';
import { askStitches, useStitches } from '../../state/useStitches';
import { useTerms } from '../../state/useTerms';
import { Switch } from '../../ui/Switch';
import { ChartFigure, type Lit } from './ChartFigure';
import { RowsField } from './RowsField';
import { WhatFollows } from './WhatFollows';

const WAYS = ['flat', 'round', 'ring'] as const;
type Way = (typeof WAYS)[number];
const WAY_WORDS: Record<Way, string> = { flat: 'flat', round: 'in the round', ring: 'as a ring' };
const MOST_REPEATS = 12;
/** Stitches round a ring, at least: fewer cannot be told apart. */
const RING = 24;

/** A place to write a stitch pattern: its rows in words, the chart that follows from them, and what else does. */
export function StitchEditor() {
  const { fabric } = useFabric();
  return <Editor key={fabric.id} fabric={fabric} />;
}

function Editor({ fabric }: { fabric: Fabric }) {
  const { path, of } = useFabric();
  const terms = useTerms();
  const saved = rowsText(fabric) ?? '';
  const [typed, setTyped] = useState<string | null>(null);
  const [repeats, setRepeats] = useState(() =>
    Math.max(2, Math.min(8, Math.round(14 / fabric.rule.flat.multiple))),
  );
  const [way, setWay] = useState<Way>('flat');
  const [lit, setLit] = useState<Lit | null>(null);
  // What was typed is in the document now: from here on undo and redo move it.
  if (typed !== null && typed === saved) setTyped(null);
  const text = typed ?? saved;
  const shownRepeats =
    way === 'ring' ? Math.max(repeats, Math.ceil(RING / fabric.rule.flat.multiple)) : repeats;
  const { shown, good } = useStitches(text.trim() === '' ? null : text, { repeats: shownRepeats, way });
  const faults = shown && shown.text === text ? shown.faults : [];
  const found = good?.found ?? null;

  const put = (next: string) => {
    if (next.length > LONGEST_STITCH_TEXT) return;
    setTyped(next);
    const keep = (draft: Draft<Fabric>, rows: string) => {
      if (rows.trim() === '') delete draft.rows;
      else draft.rows = rows.split('\n');
      delete draft.pattern;
    };
    if (next.trim() === '') {
      edit(`${path}.rows`, (document) => keep(of(document), next));
      return;
    }
    void askStitches({ text: next, repeats: shownRepeats, way }).then(({ found: read }) =>
      edit(`${path}.rows`, (document) => {
        const draft = of(document);
        keep(draft, next);
        if (read) Object.assign(draft, leavingOut(draft, withFacts(draft as Fabric, read.facts)));
      }),
    );
  };

  return (
    <div className="@container">
      <div className="grid grid-cols-1 gap-6 @4xl:grid-cols-2">
        <section aria-label="Rows" className="min-w-0">
          <h2 className="mb-1 text-lg">The stitch pattern of {fabric.name}</h2>
          <RowsField
            text={text}
            faults={faults}
            rows={found?.rows ?? []}
            lit={lit}
            onText={put}
            onLit={setLit}
          />
          <p className="mt-1 text-[12.5px] text-soft">
            Write it as you would for a maker, in US terms or after a line <strong>terms: uk</strong>: “sk 2
            ch”, “repeat from * to the end”, “(dc, ch 1, dc) in the next sp”. Rows that come again: “Repeat
            rows 2 and 3.”
          </p>
          <ul id="stitch-faults" aria-live="polite" data-testid="stitch-faults">
            {faults.map(({ line, words, message }, i) => (
              <li key={i} className="mt-2 border-l-4 border-broken bg-broken-wash px-3 py-2 text-[13px]">
                <strong className="text-broken">
                  Line {line}
                  {words !== '' && `, “${words.length > 60 ? `${words.slice(0, 60)}…` : words}”`}
                </strong>
                <br />
                {message}
              </li>
            ))}
          </ul>
          {text.trim() === '' && (
            <p
              className="mt-2 rounded border border-dashed border-line px-3 py-2 text-[13px]"
              data-testid="no-rows"
            >
              No rows yet. The pattern says “work row 1 of your stitch pattern” until they are here; begin
              with “Row 1: ”, or take a common stitch pattern at the right (Add or change).
            </p>
          )}
        </section>
        {found && (
          <section aria-label="Chart" className="min-w-0">
            <div className="mb-2 flex flex-wrap items-center gap-x-5 gap-y-2">
              <Switch
                label="Chart"
                value={way}
                options={WAYS.map((value) => ({ value, label: WAY_WORDS[value] }))}
                onChange={setWay}
              />
              <label className="flex items-center gap-2">
                Repeats
                <input
                  type="number"
                  min={1}
                  max={MOST_REPEATS}
                  className="w-16 rounded border border-line bg-sheet px-2 py-0.5 text-right"
                  value={repeats}
                  onChange={(event) =>
                    setRepeats(
                      Math.min(MOST_REPEATS, Math.max(1, Math.round(Number(event.target.value)) || 1)),
                    )
                  }
                />
              </label>
              <span className="text-[12.5px] text-soft">
                right side in ink, <span className="text-agreed">wrong side in blue</span>
              </span>
            </div>
            {faults.length > 0 && (
              <p className="mb-1 text-[12.5px] text-agreed">Of the last version without a fault.</p>
            )}
            {way !== 'flat' && !found.round.rounds && (
              <p className="mb-1 text-[12.5px]">{found.round.because} Shown flat.</p>
            )}
            <div className="flex flex-wrap items-start gap-x-6 gap-y-4">
              <div className="min-w-0 grow basis-64">
                <ChartFigure
                  chart={found.chart}
                  label={`Chart of ${fabric.name}: ${found.chart.rows.map(({ label, words }) => `row ${label}: ${words}`).join('. ')}`}
                  lit={lit}
                  onPoint={setLit}
                />
                <p className="min-h-6 text-[13px]" aria-hidden data-testid="lit-words">
                  {lit && found.chart.rows.find(({ of: row }) => row === lit.of)?.words}
                </p>
              </div>
              <div className="w-52 shrink-0 grow">
                <WhatFollows found={found} fabric={fabric} />
              </div>
            </div>
            {way !== 'flat' && found.round.rounds && (
              <ol className="mt-1 space-y-1 text-[13px]" data-testid="rounds">
                {found.round.rounds.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ol>
            )}
            <h3 className="mt-3 mb-1 font-semibold">Key</h3>
            <ul className="grid gap-x-6 gap-y-1 text-[12.5px] sm:grid-cols-2">
              {stitchKey(found.chart.kinds, terms).map(({ of: symbol, kind, name, how }) => (
                <li key={symbol} className="flex items-end gap-3">
                  <KeySymbol kind={symbol} />
                  <span>
                    <strong>{kind}</strong> {name}. <span className="text-soft">{how}</span>
                  </span>
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </div>
  );
}

function KeySymbol({ kind }: { kind: string }) {
  const { path, filled } = keySymbol(kind);
  return (
    <svg
      aria-hidden
      viewBox={`0 0 ${KEY_BOX.width} ${KEY_BOX.height}`}
      className="h-12 w-6 shrink-0 stroke-ink"
      strokeWidth={1.6}
      strokeLinecap="round"
    >
      <path d={path} className={filled ? 'fill-ink' : 'fill-none'} />
    </svg>
  );
}

/** A draft's fields that no longer follow from its rows are taken out before the new ones are put in. */
function leavingOut(draft: Draft<Fabric>, next: Fabric): Fabric {
  for (const key of ['unit', 'rowTypes', 'foundationExtra'] as const)
    if (next[key] === undefined) delete draft[key];
  return next;
}

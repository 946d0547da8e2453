import { useEffect, useMemo, useState } from 'react';
import {
  explainHeight,
  explainPassage,
  passageInShort,
  reasonPart,
  valueAt,
  type CountingUnit,
  type Ease,
  type PassageOf,
  type PerSize,
  type PlannedPiece,
  type Reason,
} from '@upfell/core';
import { useDocument, useOld, useSizePlan, useUnits } from '../state/useSizePlan';
import { HoldButton } from '../drawer/HoldButton';
import { StyleField } from '../shape/StyleForm';
import { editStyle, styleOf, withFigure } from '../state/style';
import { askStrips } from '../state/planner';
import { select, setSize, useView } from '../state/view';
import type { PieceStrip as Strip, ScreenPlan, ScreenSize } from '../worker/screen';
import { evenEnds, evenLength, type EvenEnd } from './evenRows';
import { MotifRounds } from '../table/MotifRounds';
import { SheetOfSquares } from '../table/SheetOfSquares';
import { PieceStrip } from './PieceStrip';

type Shape = PassageOf<'shape'>;

/** Every piece as its rows lie, with its passages in sentences; shaping is changed here by hand. */
export function RowsView() {
  const planned = useSizePlan();
  const old = useOld();
  const strips = useStrips(planned?.plan ?? null, planned?.size.id ?? '');
  if (!planned) return <p className="p-8 text-soft">Working the rows …</p>;
  const { plan, size } = planned;
  return (
    <div
      className={`min-h-0 grow overflow-y-auto px-6 py-4 ${old ? 'opacity-55' : ''}`}
      tabIndex={0}
      role="region"
      aria-label="Rows"
    >
      {size.pieces.length === 0 && (
        <p className="text-soft">This size has no pieces as it stands; the notes at the right say why.</p>
      )}
      {size.pieces.map((piece) => (
        <PieceRows
          key={piece.id}
          piece={piece}
          size={size}
          plan={plan}
          strip={strips.find((one) => one.piece === piece.id)}
        />
      ))}
    </div>
  );
}

/** The rows of the chosen size; those of the plan before stay until the new ones are there. */
function useStrips(plan: ScreenPlan | null, size: string): readonly Strip[] {
  const [strips, setStrips] = useState<readonly Strip[]>([]);
  useEffect(() => {
    let wanted = true;
    if (plan) void askStrips(size).then((found) => wanted && setStrips(found));
    return () => {
      wanted = false;
    };
  }, [plan, size]);
  return strips;
}

function PieceRows({
  piece,
  size,
  plan,
  strip,
}: {
  piece: PlannedPiece;
  size: ScreenSize;
  plan: ScreenPlan;
  strip: Strip | undefined;
}) {
  const document = useDocument();
  const { fabrics } = document;
  const { unit } = fabrics.find(({ id }) => id === piece.fabric) ?? {};
  const fabricName = (id: string) => fabrics.find((fabric) => fabric.id === id)?.name ?? id;
  const all = useView((view) => view.all);
  const taper = piece.passages.find(
    (passage): passage is Shape => passage.kind === 'shape' && passage.of.rows === 'sleeve.rows',
  );
  const ends = useMemo(() => (taper && taper.schedule.events.length > 0 ? evenEnds(taper) : []), [taper]);
  const others = all
    ? plan.sizes
        .filter(({ id }) => id !== size.id)
        .flatMap(({ outlines }) => (outlines[piece.id] ? [outlines[piece.id]!] : []))
    : [];
  const setEven = ({ field }: EvenEnd, rows: number, dragging: boolean) => {
    const length = evenLength(
      rows,
      fabrics.find(({ id }) => id === piece.fabric)!,
    );
    const path = `sleeve.${field}`;
    const now = valueAt(styleOf(document), path) as PerSize<Ease>;
    editStyle(path, withFigure(now, size.id, length), dragging);
  };
  const counts = piece.quantities.flatMap((id) => {
    const quantity = size.quantities.find((one) => one.id === id);
    return quantity ? [{ size: size.id, quantity: id, count: quantity.count }] : [];
  });
  return (
    <section
      aria-label={piece.label}
      data-piece={piece.id}
      tabIndex={-1}
      className="border-b border-line/70 pb-5 not-first:pt-4"
    >
      <h2 className="flex items-center gap-3 text-lg">
        {piece.label}
        {piece.copies > 1 && (
          <span className="font-sans text-[13px] font-normal text-soft">make {piece.copies}</span>
        )}
        {piece.role !== 'sheet' && <HeightOf piece={piece} size={size} />}
        <span className="ml-auto font-sans font-normal">
          {counts.length > 0 && <HoldButton what={`this piece in ${size.label}`} counts={counts} />}
        </span>
      </h2>
      <div className="mt-2 flex flex-wrap items-start gap-6">
        {strip &&
          (piece.passages[0]?.kind === 'from the centre' ? (
            <MotifRounds piece={piece} />
          ) : piece.passages[0]?.kind === 'sheet' ? (
            <SheetOfSquares size={size} />
          ) : (
            <PieceStrip piece={piece} rows={strip.rows} others={others} ends={ends} onEven={setEven} />
          ))}
        <ol className="min-w-[17rem] flex-1 space-y-1.5">
          {piece.passages.map((passage, i) => (
            <li key={i}>
              {passage.kind === 'shape' || passage.kind === 'lines' ? (
                <ShapedPassage passage={passage} index={i} piece={piece} size={size} plan={plan} />
              ) : (
                passageInShort(passage, fabricName, unit)
              )}
            </li>
          ))}
        </ol>
      </div>
    </section>
  );
}

/** What a fabric of the design is counted in. */
function useUnit(fabric: string) {
  return useDocument().fabrics.find(({ id }) => id === fabric)?.unit;
}

/** How the rows of the piece come together. */
function HeightOf({ piece, size }: { piece: PlannedPiece; size: ScreenSize }) {
  const reasons = explainHeight(piece, size.quantities);
  return (
    <span className="font-sans text-[13px] font-normal text-soft">
      {reasons.map((reason, i) => (
        <button
          key={i}
          type="button"
          className="mr-1 underline decoration-line underline-offset-4 hover:decoration-ink"
          onClick={() => reason.from?.kind === 'quantity' && select({ kind: 'quantity', id: reason.from.id })}
        >
          {reasonPart(reason.label, 'cm').toLowerCase()} {reasonPart(reason.figure, 'cm')}
        </button>
      ))}
    </span>
  );
}

/** A shaping: its sentence, what may be chosen about it, why it is so, and what it is in the other sizes. */
function ShapedPassage({
  passage,
  index,
  piece,
  size,
  plan,
}: {
  passage: PassageOf<'shape' | 'lines'>;
  index: number;
  piece: PlannedPiece;
  size: ScreenSize;
  plan: ScreenPlan;
}) {
  const unit = useUnit(piece.fabric);
  const label = (id: string) => size.quantities.find((quantity) => quantity.id === id)?.label ?? id;
  const { rows } = passage.of;
  // Two shoulders share their style: it is chosen at the first.
  const first =
    passage.kind === 'lines' ||
    piece.passages.findIndex((other) => other.kind === 'shape' && other.of.rows === rows) === index;
  return (
    <div className="border-l-2 border-ink pl-3">
      <p data-testid={`sentence-${piece.id}`}>{passageInShort(passage, (id) => id, unit)}</p>
      {first && (
        <>
          {passage.kind === 'shape' && (
            <div className="max-w-[24rem]">
              {rows === 'sleeve.rows' && (
                <>
                  <StyleField path="sleeve.order" />
                  <StyleField path="sleeve.everyRow" />
                </>
              )}
              {rows === 'neck.drop' && <StyleField path="neck.shape" />}
            </div>
          )}
          <details className="mt-1 text-[13px]">
            <summary>Why these rows</summary>
            <ReasonList reasons={explainPassage(passage, label)} />
          </details>
          {plan.sizes.length > 1 && (
            <details className="mt-1 text-[13px]">
              <summary>In every size</summary>
              <SizesOf plan={plan} piece={piece.id} unit={unit} index={index} chosen={size.id} />
            </details>
          )}
        </>
      )}
    </div>
  );
}

function ReasonList({ reasons }: { reasons: readonly Reason[] }) {
  const units = useUnits();
  return (
    <ol className="mt-1 ml-1 border-l-2 border-line pl-3">
      {reasons.map(({ label, figure, note, from }, i) => (
        <li key={i} className="pb-1">
          <span className="flex justify-between gap-3">
            {from?.kind === 'quantity' ? (
              <button
                type="button"
                className="text-left underline decoration-line underline-offset-4 hover:decoration-ink"
                onClick={() => select({ kind: 'quantity', id: from.id })}
              >
                {reasonPart(label, units)}
              </button>
            ) : (
              <span>{reasonPart(label, units)}</span>
            )}
            <strong className="text-right">{reasonPart(figure, units)}</strong>
          </span>
          {note && <span className="block text-[12.5px] text-soft">{reasonPart(note, units)}</span>}
        </li>
      ))}
    </ol>
  );
}

/** The same passage in all sizes, to choose one by. */
function SizesOf({
  plan,
  piece,
  unit,
  index,
  chosen,
}: {
  plan: ScreenPlan;
  piece: string;
  unit: CountingUnit | undefined;
  index: number;
  chosen: string;
}) {
  return (
    <ul className="mt-1 space-y-0.5">
      {plan.sizes.map((size) => {
        const passage = size.pieces.find(({ id }) => id === piece)?.passages[index];
        return (
          <li key={size.id}>
            <button
              type="button"
              aria-current={size.id === chosen}
              className={`w-full rounded px-1.5 text-left ${size.id === chosen ? 'bg-ink text-sheet' : 'hover:bg-tape'}`}
              onClick={() => setSize(size.id)}
            >
              <strong className="mr-2">{size.label}</strong>
              {passage?.kind === 'shape' || passage?.kind === 'lines'
                ? passageInShort(passage, (id) => id, unit)
                : 'worked in another way'}
            </button>
          </li>
        );
      })}
    </ul>
  );
}

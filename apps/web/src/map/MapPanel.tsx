import { lazy, Suspense, useState } from 'react';
import { Plus, Shuffle, Trash2, Upload } from 'lucide-react';
import {
  MAP_RULES,
  MOST_KINDS,
  MOST_YARNS,
  nextKind,
  USUAL_COLOURS,
  type MapRule,
  type SquareColours,
  type SquareKind,
} from '@upfell/core';
import { edit } from '../state/designStore';
import { useDocument, useSizePlan } from '../state/useSizePlan';
import { Button } from '../ui/Button';
import { ChoiceField, TextField } from '../ui/fields';
import { Switch } from '../ui/Switch';
import { coloursIn, usePaint } from './paint';

const ImportMap = lazy(() => import('./ImportMap').then((module) => ({ default: module.ImportMap })));

const RULES: Readonly<Record<MapRule, string>> = {
  'one kind': 'all of one kind',
  checks: 'checks',
  diagonals: 'diagonals',
  rows: 'row by row',
  columns: 'column by column',
  scattered: 'scattered, none alike side by side',
};

/** Yarns and further ones in the order in which they are offered. */
const NEW_SHADES = ['#a8543c', '#5f7f8c', '#c8a24a', '#6d7f4f', '#8b6b8f', '#3f4f63', '#d8c6a8', '#b07c8c'];

/** What the map is made of: yarns, kinds of squares, the rule, and what the hand places. */
export function MapPanel() {
  const { finishing } = useDocument();
  const colours = finishing?.squares ?? USUAL_COLOURS;
  const isOfSquares = useSizePlan()?.size.pieces.some(({ role }) => role === 'sheet') ?? false;
  if (!isOfSquares) return null;
  return (
    <>
      <Hand colours={colours} />
      <Rule colours={colours} />
      <Kinds colours={colours} />
      <Yarns colours={colours} />
    </>
  );
}

function Heading({ children }: { children: string }) {
  return <h2 className="mt-4 mb-1 font-display text-[17px] first:mt-0">{children}</h2>;
}

/** The kind that the hand places, and where. */
function Hand({ colours }: { colours: SquareColours }) {
  const { kind, scope, mirrored } = usePaint();
  const [importing, setImporting] = useState(false);
  const placed = Object.keys(colours.placed ?? {}).length;
  const ofSizes = Object.values(colours.placedIn ?? {}).reduce(
    (sum, own) => sum + Object.keys(own).length,
    0,
  );
  return (
    <>
      <Heading>Place</Heading>
      <div role="radiogroup" aria-label="Kind to place" className="grid gap-1">
        {colours.kinds.map((one) => (
          <button
            key={one.id}
            type="button"
            role="radio"
            aria-checked={kind === one.id}
            className={`flex items-center gap-2 rounded border px-2 py-1 text-left ${kind === one.id ? 'border-ink bg-tape font-semibold' : 'border-line hover:bg-tape'}`}
            onClick={() => usePaint.setState({ kind: one.id })}
          >
            <Swatch kind={one} colours={colours} />
            {one.id}, {one.name}
          </button>
        ))}
        <button
          type="button"
          role="radio"
          aria-checked={kind === null}
          className={`rounded border px-2 py-1 text-left ${kind === null ? 'border-ink bg-tape font-semibold' : 'border-line hover:bg-tape'}`}
          onClick={() => usePaint.setState({ kind: null })}
        >
          back to the rule
        </button>
      </div>
      <div className="mt-2 flex flex-wrap items-center gap-2">
        <Switch
          label="Where it is placed"
          value={scope}
          options={[
            { value: 'all', label: 'all sizes' },
            { value: 'size', label: 'this size' },
          ]}
          onChange={(value) => usePaint.setState({ scope: value })}
        />
        <label className="flex items-center gap-1.5">
          <input
            type="checkbox"
            checked={mirrored}
            onChange={(event) => usePaint.setState({ mirrored: event.target.checked })}
          />
          both sides alike
        </label>
      </div>
      <div className="mt-2 flex flex-wrap gap-2">
        <Button onClick={() => setImporting(true)}>
          <Upload size={14} aria-hidden /> From a file
        </Button>
        {placed + ofSizes > 0 && (
          <Button
            onClick={() =>
              edit(
                'finishing.squares.placed',
                (document) => {
                  const own = coloursIn(document);
                  delete own.placed;
                  delete own.placedIn;
                },
                { apart: true },
              )
            }
          >
            Take back {placed + ofSizes} placed
          </Button>
        )}
      </div>
      {importing && (
        <Suspense fallback={null}>
          <ImportMap onClose={() => setImporting(false)} />
        </Suspense>
      )}
    </>
  );
}

/** A square as it looks, small. */
function Swatch({ kind, colours }: { kind: SquareKind; colours: SquareColours }) {
  const shown = (name: string) => colours.yarns.find((yarn) => yarn.name === name)?.shown ?? '#ffffff';
  const rings = [...kind.rounds, ...(colours.border === undefined ? [] : [colours.border])];
  return (
    <svg width={20} height={20} aria-hidden className="shrink-0">
      {rings.map((_, i) => {
        const from = (10 * i) / rings.length;
        return (
          <rect
            key={i}
            x={from}
            y={from}
            width={20 - 2 * from}
            height={20 - 2 * from}
            fill={shown(rings[rings.length - 1 - i]!)}
          />
        );
      })}
      <rect x={0.5} y={0.5} width={19} height={19} fill="none" stroke="#20303a" strokeWidth={0.8} />
    </svg>
  );
}

function Rule({ colours }: { colours: SquareColours }) {
  return (
    <>
      <Heading>Rule</Heading>
      <ChoiceField
        path="finishing.squares.rule"
        label="Kinds lie"
        value={colours.rule}
        options={MAP_RULES.map((value) => ({ value, label: RULES[value] }))}
        put={(document, value) => void (coloursIn(document).rule = value)}
      />
      {colours.rule === 'scattered' && (
        <Button
          className="mt-1"
          onClick={() =>
            edit(
              'finishing.squares.seed',
              (document) => {
                const own = coloursIn(document);
                own.seed = ((own.seed ?? 0) + 1) % 10_000;
              },
              { apart: true },
            )
          }
        >
          <Shuffle size={14} aria-hidden /> Another arrangement
        </Button>
      )}
      {colours.rule !== 'one kind' && colours.kinds.length < 2 && (
        <p className="mt-1 text-[13px] text-soft">One kind alone makes no pattern: add another below.</p>
      )}
    </>
  );
}

function Kinds({ colours }: { colours: SquareColours }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  const names = colours.yarns.map(({ name }) => ({ value: name, label: name }));
  return (
    <>
      <Heading>Kinds of squares</Heading>
      {colours.kinds.map((kind, k) => {
        const path = `finishing.squares.kinds[${k}]`;
        return (
          <section
            key={kind.id}
            aria-label={`Kind ${kind.id}`}
            className="mb-2 border-l-4 border-line pl-2"
            data-testid={`kind-${kind.id}`}
          >
            <div className="flex items-end gap-2">
              <span className="pb-1 font-semibold">{kind.id}</span>
              <div className="grow">
                <TextField
                  path={`${path}.name`}
                  label={`Name of kind ${kind.id}`}
                  stacked
                  value={kind.name}
                  put={(document, value) => void (coloursIn(document).kinds[k]!.name = value)}
                />
              </div>
              <Button
                look="quiet"
                aria-label={`Remove kind ${kind.id}`}
                disabled={colours.kinds.length < 2}
                onClick={() =>
                  setTrouble(
                    edit(
                      'finishing.squares.kinds',
                      (document) => {
                        const own = coloursIn(document);
                        own.kinds.splice(k, 1);
                        // Squares of it go back to the rule.
                        for (const placed of [own.placed, ...Object.values(own.placedIn ?? {})])
                          for (const [place, of] of Object.entries(placed ?? {}))
                            if (of === kind.id) delete placed![place];
                      },
                      { apart: true },
                    ),
                  )
                }
              >
                <Trash2 size={14} aria-hidden />
              </Button>
            </div>
            {kind.rounds.map((colour, r) => (
              <div key={r} className="flex items-center gap-1">
                <div className="grow">
                  <ChoiceField
                    path={`${path}.rounds[${r}]`}
                    label={r === kind.rounds.length - 1 ? `Round ${r + 1} and on` : `Round ${r + 1}`}
                    value={colour}
                    options={names}
                    put={(document, value) => void (coloursIn(document).kinds[k]!.rounds[r] = value)}
                  />
                </div>
                <Button
                  look="quiet"
                  aria-label={`Remove round ${r + 1} of kind ${kind.id}`}
                  disabled={kind.rounds.length < 2}
                  onClick={() =>
                    edit(`${path}.rounds`, (document) => {
                      coloursIn(document).kinds[k]!.rounds.splice(r, 1);
                    })
                  }
                >
                  <Trash2 size={13} aria-hidden />
                </Button>
              </div>
            ))}
            <Button
              look="quiet"
              className="-ml-2 text-[13px]"
              aria-label={`another colour from the next round on, kind ${kind.id}`}
              onClick={() =>
                edit(`${path}.rounds`, (document) => {
                  const { rounds } = coloursIn(document).kinds[k]!;
                  rounds.push(rounds.at(-1)!);
                })
              }
            >
              <Plus size={13} aria-hidden /> another colour from the next round on
            </Button>
          </section>
        );
      })}
      {trouble && (
        <p role="alert" className="text-[13px] text-broken">
          {trouble}
        </p>
      )}
      <Button
        disabled={colours.kinds.length >= MOST_KINDS}
        onClick={() =>
          edit(
            'finishing.squares.kinds',
            (document) => {
              const own = coloursIn(document);
              const id = nextKind(own.kinds);
              own.kinds.push({ id, name: `Kind ${id}`, rounds: [own.yarns.at(-1)!.name] });
              usePaint.setState({ kind: id });
            },
            { apart: true },
          )
        }
      >
        <Plus size={14} aria-hidden /> Another kind
      </Button>
      <div className="mt-2">
        <ChoiceField
          path="finishing.squares.border"
          label="Last round of all"
          value={colours.border ?? ''}
          options={[{ value: '', label: 'as the kind' }, ...names]}
          put={(document, value) => {
            const own = coloursIn(document);
            if (value === '') delete own.border;
            else own.border = value;
          }}
        />
        <p className="text-[13px] text-soft">Joins and what is worked on to the sheet are in it as well.</p>
      </div>
    </>
  );
}

/** Which kinds are in a yarn, in words; null where none is. */
function usersOf({ kinds, border }: SquareColours, name: string): string | null {
  const users = [
    ...kinds.filter(({ rounds }) => rounds.includes(name)).map(({ id, name: kind }) => `${id} (${kind})`),
    ...(border === name ? ['the last round of all squares'] : []),
  ];
  return users.length > 0 ? users.join(', ') : null;
}

function Yarns({ colours }: { colours: SquareColours }) {
  const [trouble, setTrouble] = useState<string | null>(null);
  return (
    <>
      <Heading>Yarns</Heading>
      {colours.yarns.map(({ name, shown }, i) => (
        <div key={i} className="flex items-end gap-2">
          <input
            type="color"
            aria-label={`Shade of ${name}`}
            className="mb-0.5 h-7 w-9 shrink-0 rounded border border-line bg-sheet"
            value={shown}
            onChange={(event) =>
              edit(`finishing.squares.yarns[${i}].shown`, (document) => {
                coloursIn(document).yarns[i]!.shown = event.target.value;
              })
            }
          />
          <div className="grow">
            <TextField
              path={`finishing.squares.yarns[${i}].name`}
              label={`Yarn ${i + 1}`}
              stacked
              value={name}
              put={(document, value) => {
                const own = coloursIn(document);
                own.yarns[i]!.name = value;
                // Whatever is in it goes by its new name.
                for (const kind of own.kinds)
                  kind.rounds = kind.rounds.map((one) => (one === name ? value : one));
                if (own.border === name) own.border = value;
              }}
            />
          </div>
          <Button
            look="quiet"
            aria-label={`Remove yarn ${name}`}
            disabled={colours.yarns.length < 2}
            onClick={() => {
              const users = usersOf(colours, name);
              if (users)
                return setTrouble(`“${name}” is in ${users}: give these another yarn first, then it can go.`);
              setTrouble(null);
              edit('finishing.squares.yarns', (document) => void coloursIn(document).yarns.splice(i, 1), {
                apart: true,
              });
            }}
          >
            <Trash2 size={14} aria-hidden />
          </Button>
        </div>
      ))}
      {trouble && (
        <p role="alert" className="mt-1 text-[13px] text-broken">
          {trouble}
        </p>
      )}
      <Button
        className="mt-2"
        disabled={colours.yarns.length >= MOST_YARNS}
        onClick={() =>
          edit(
            'finishing.squares.yarns',
            (document) => {
              const { yarns } = coloursIn(document);
              let n = yarns.length + 1;
              while (yarns.some(({ name }) => name === `colour ${n}`)) n += 1;
              yarns.push({ name: `colour ${n}`, shown: NEW_SHADES[yarns.length % NEW_SHADES.length]! });
            },
            { apart: true },
          )
        }
      >
        <Plus size={14} aria-hidden /> Another yarn
      </Button>
    </>
  );
}

import { DropdownMenu, Popover } from 'radix-ui';
import { ArrowDownUp, Columns3, PaintBucket, Plus, Rows3, Trash2 } from 'lucide-react';
import { useState } from 'react';
import {
  completeBody,
  fill,
  measurement,
  MEASUREMENTS,
  parseLength,
  type FillWay,
  type MeasurementId,
  type Size,
} from '@upfell/core';
import { useChosenSize, useDocument } from '../state/useSizePlan';
import { edit, useDesign } from '../state/designStore';
import { setSize, toggleHidden, turnSizes, useView } from '../state/view';
import { Button } from '../ui/Button';
import { MENU } from '../ui/menu';
import { Switch } from '../ui/Switch';
import { nextSize } from './cells';

const bustOf = ({ body, group }: Size) => completeBody(body, group)?.body.bust ?? 90;

/** What can be done to the table as a whole. */
export function SizesToolbar({ lit, from, to }: { lit: MeasurementId | null; from: number; to: number }) {
  const { sizes } = useDocument();
  const { size, index } = useChosenSize();
  const { hidden, sizesAcross } = useView();
  const add = () => {
    const made = nextSize(useDesign.getState().document!, bustOf);
    edit('sizes', (document) => void document.sizes.push(made));
    setSize(made.id);
  };
  const remove = () => {
    const next = sizes[index + 1] ?? sizes[index - 1]!;
    edit('sizes', (document) => {
      document.sizes.splice(index, 1);
      document.pins = document.pins.filter((pin) => pin.size !== size.id);
    });
    setSize(next.id);
  };
  const sort = () =>
    edit('sizes', (document) => void document.sizes.sort((a, b) => bustOf(a as Size) - bustOf(b as Size)));
  return (
    <div className="flex flex-wrap items-center gap-2">
      <Button onClick={add}>
        <Plus size={14} aria-hidden /> Size
      </Button>
      <Button onClick={remove} disabled={sizes.length === 1} aria-label={`Remove ${size.label}`}>
        <Trash2 size={14} aria-hidden /> {size.label}
      </Button>
      <FillButton lit={lit} from={from} to={to} />
      <Button onClick={() => void sort()} title="Order the sizes by their bust">
        <ArrowDownUp size={14} aria-hidden /> By bust
      </Button>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger asChild>
          <Button>
            <Columns3 size={14} aria-hidden /> Measurements
            {hidden.length > 0 && <span className="text-soft">({hidden.length} off)</span>}
          </Button>
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content className={`${MENU} max-h-96 overflow-y-auto`}>
            {MEASUREMENTS.map(({ id, label }) => (
              <DropdownMenu.CheckboxItem
                key={id}
                checked={!hidden.includes(id)}
                onCheckedChange={() => toggleHidden(id)}
                onSelect={(event) => event.preventDefault()}
                className="flex items-center gap-2 rounded px-2 py-0.5 outline-none data-[highlighted]:bg-tape"
              >
                <span className="inline-block w-4" aria-hidden>
                  {hidden.includes(id) ? '' : '✓'}
                </span>
                {label}
              </DropdownMenu.CheckboxItem>
            ))}
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      <span className="inline-flex items-center gap-1" title="Which way the sizes lie">
        <Rows3 size={14} aria-hidden className="text-soft" />
        <Switch
          label="Sizes lie"
          value={sizesAcross ? 'across' : 'down'}
          options={[
            { value: 'across', label: 'across' },
            { value: 'down', label: 'down' },
          ]}
          onChange={turnSizes}
        />
      </span>
    </div>
  );
}

/** Fills a measurement over the chosen sizes (or to the last size) by a step, by a slope on the bust, or between its ends. */
function FillButton({ lit, from, to }: { lit: MeasurementId | null; from: number; to: number }) {
  const { sizes, units } = useDocument();
  const [open, setOpen] = useState(false);
  const [by, setBy] = useState<FillWay['by']>('step');
  const [text, setText] = useState('');
  const [trouble, setTrouble] = useState<string | null>(null);
  const last = to > from ? to : sizes.length - 1;
  const covered = sizes.slice(from, last + 1);
  const take = () => {
    let way: FillWay;
    if (by === 'ends') way = { by };
    else if (by === 'slope') {
      const slope = Number(text.trim().replace(',', '.'));
      if (text.trim() === '' || !Number.isFinite(slope))
        return setTrouble('Type how many cm it grows for each cm of bust, like 0.3.');
      way = { by, slope };
    } else {
      const parsed = parseLength(text, units);
      if (!parsed.ok) return setTrouble(parsed.message);
      way = { by, step: parsed.cm };
    }
    const filled = fill(
      covered.map(({ body }) => body[lit!]),
      covered.map(bustOf),
      way,
    );
    if (!filled.ok) return setTrouble(filled.message);
    const message = edit('sizes', (document) =>
      filled.values.forEach((cm, i) => void (document.sizes[from + i]!.body[lit!] = cm)),
    );
    setTrouble(message);
    if (message === null) setOpen(false);
  };
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button disabled={!lit || sizes.length < 2} title={lit ? undefined : 'Choose a measurement first'}>
          <PaintBucket size={14} aria-hidden /> Fill
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          className="z-50 w-80 rounded border border-line bg-sheet p-4 shadow-lg"
          aria-label="Fill a measurement"
        >
          <form
            onSubmit={(event) => {
              event.preventDefault();
              take();
            }}
          >
            <p className="mb-2">
              <strong>{lit && measurement(lit).label}</strong> from {covered[0]?.label} to{' '}
              {covered.at(-1)?.label}
            </p>
            <Switch
              label="How"
              value={by}
              options={[
                { value: 'step', label: 'step per size' },
                { value: 'slope', label: 'per cm of bust' },
                { value: 'ends', label: 'between ends' },
              ]}
              onChange={setBy}
            />
            {by !== 'ends' && (
              <label className="mt-2 flex items-center gap-2">
                {by === 'step' ? 'Each size more by' : 'Grows by'}
                <input
                  className="w-20 rounded border border-line bg-sheet px-2 py-0.5 text-right"
                  value={text}
                  onChange={(event) => setText(event.target.value)}
                />
                {by === 'step' ? units : 'cm'}
              </label>
            )}
            <p role={trouble ? 'alert' : undefined} className="mt-1 min-h-5 text-[12.5px] text-broken">
              {trouble}
            </p>
            <Button look="strong" type="submit">
              Fill
            </Button>
          </form>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

import { DropdownMenu } from 'radix-ui';
import { CircleHelp, Ellipsis, Redo2, Ruler, Search, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useStore } from 'zustand';
import { edit, redo, undo, useDesign } from '../state/designStore';
import { useTerms } from '../state/useTerms';
import { setTerms, toggleListening, useView } from '../state/view';
import { useInstruments, useStream } from '../instruments/useInstruments';
import { Button } from '../ui/Button';
import { LookDialog } from '../ui/LookDialog';
import { MENU, MENU_ITEM } from '../ui/menu';
import { Switch } from '../ui/Switch';
import { downloadDesign, downloadPlan } from '../files/designFiles';
import { HistoryDialog } from './HistoryDialog';
import { Planning } from './Planning';
import { SavedState } from './SavedState';
import { useUnits } from '../state/useSizePlan';

const STREAM_WORDS = {
  off: 'Tape and scale off',
  opening: 'Listening …',
  open: 'Tape and scale',
  lost: 'Tape and scale: server away',
} as const;

/** The slim bar: name, saved state, undo, units, terms, files, help. */
export function TopBar({ onHelp, onFind }: { onHelp: () => void; onFind: () => void }) {
  const name = useDesign(({ document }) => document!.name);
  const units = useUnits();
  const id = useDesign((state) => state.id)!;
  const terms = useTerms();
  const listening = useView((view) => view.listening);
  const stream = useStream((state) => state.state);
  useInstruments();
  const [history, setHistory] = useState(false);
  const [looking, setLooking] = useState(false);
  return (
    <header className="no-print contain-content flex min-h-[44px] shrink-0 items-center gap-x-4 border-b border-line px-4 max-md:flex-wrap max-md:pb-1">
      <Link to="/" className="font-display text-lg font-semibold" aria-label="Upfell, to the shelf">
        Upfell
      </Link>
      <h1 className="min-w-0 truncate text-[17px]" title={name}>
        {name}
      </h1>
      <SavedState />
      <Planning />
      {listening && (
        <span
          className="inline-flex items-center gap-1.5 text-[13px] text-soft"
          data-testid="stream"
          data-state={stream}
        >
          <Ruler size={14} aria-hidden /> {STREAM_WORDS[stream]}
        </span>
      )}
      <div className="ml-auto flex items-center gap-3">
        <UndoButtons />
        <Switch
          label="Units"
          value={units}
          options={[
            { value: 'cm', label: 'cm' },
            { value: 'in', label: 'in', title: 'inches, to the nearest eighth' },
          ]}
          onChange={(units) => edit('units', (document) => void (document.units = units))}
        />
        <Switch
          label="Terms"
          value={terms}
          options={[
            { value: 'us', label: 'US', title: 'US crochet terms' },
            { value: 'uk', label: 'UK', title: 'UK crochet terms' },
          ]}
          onChange={setTerms}
        />
        <DropdownMenu.Root>
          <DropdownMenu.Trigger asChild>
            <Button look="quiet" aria-label="Files and history" title="Files and history">
              <Ellipsis size={16} aria-hidden />
            </Button>
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content align="end" className={`${MENU} min-w-52`}>
              <DropdownMenu.Item
                className={MENU_ITEM}
                onSelect={() => downloadDesign(useDesign.getState().document!)}
              >
                Download the design file
              </DropdownMenu.Item>
              <DropdownMenu.Item
                className={MENU_ITEM}
                onSelect={() => void downloadPlan(useDesign.getState().document!)}
              >
                Download the plan file
              </DropdownMenu.Item>
              <DropdownMenu.CheckboxItem
                className={MENU_ITEM}
                checked={listening}
                onCheckedChange={toggleListening}
              >
                {listening ? '✓ ' : ''}Tape and scale
              </DropdownMenu.CheckboxItem>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => window.open('/instruments', '_blank')}>
                Simulated tape and scale …
              </DropdownMenu.Item>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setHistory(true)}>
                History …
              </DropdownMenu.Item>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setLooking(true)}>
                Look: paper, contrast, text …
              </DropdownMenu.Item>
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
        <Button look="quiet" onClick={onFind} aria-label="Find by name" title="Find by name (Ctrl+K)">
          <Search size={16} aria-hidden />
        </Button>
        <Button look="quiet" onClick={onHelp} aria-label="Keyboard shortcuts" title="Keyboard shortcuts (?)">
          <CircleHelp size={16} aria-hidden />
        </Button>
      </div>
      {looking && <LookDialog onClose={() => setLooking(false)} />}
      {history && <HistoryDialog id={id} onClose={() => setHistory(false)} />}
    </header>
  );
}

/** Undo and redo; apart from the bar, so that an edit does not draw the bar anew. */
function UndoButtons() {
  const past = useStore(useDesign.temporal, ({ pastStates }) => pastStates.length > 0);
  const future = useStore(useDesign.temporal, ({ futureStates }) => futureStates.length > 0);
  const unfit = useDesign(({ drafts }) => Object.values(drafts).some(({ message }) => message !== ''));
  return (
    <span className="flex">
      <Button look="quiet" onClick={undo} disabled={!past && !unfit} title="Undo (Ctrl+Z)" aria-label="Undo">
        <Undo2 size={16} aria-hidden />
      </Button>
      <Button look="quiet" onClick={redo} disabled={!future} title="Redo (Ctrl+Shift+Z)" aria-label="Redo">
        <Redo2 size={16} aria-hidden />
      </Button>
    </span>
  );
}

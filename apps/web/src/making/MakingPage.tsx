import { DropdownMenu, Tabs } from 'radix-ui';
import { Ellipsis } from 'lucide-react';
import { useEffect, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Button } from '../ui/Button';
import { ErrorBoundary } from '../ui/ErrorBoundary';
import { MENU, MENU_ITEM } from '../ui/menu';
import { NameDialog } from '../ui/NameDialog';
import { NotOpen } from '../ui/NotOpen';
import { makings } from '../api/makings';
import { ChangeTab } from './ChangeTab';
import { JoiningTab } from './JoiningTab';
import { LogDialog } from './LogDialog';
import { closeMaking, openMaking, useMaking } from './making';
import { MeasureTab } from './MeasureTab';
import { PatternNow } from './PatternNow';
import { PiecesTab } from './PiecesTab';
import { pieceInHand, type PieceProgress } from './progress';
import { ProgressStrip } from './ProgressStrip';
import { RowSheet } from './RowSheet';
import { RowView } from './RowView';
import { SettingsDialog } from './SettingsDialog';
import { useMakingSettings } from './settings';
import { useAwake } from './useAwake';
import { useRest, useTime } from './useTime';
import { YarnTab } from './YarnTab';

const TABS = [
  ['row', 'Row'],
  ['pieces', 'Pieces'],
  ['joining', 'Joining'],
  ['measure', 'Measure'],
  ['change', 'Change'],
  ['yarn', 'Yarn'],
] as const;
type TabId = (typeof TABS)[number][0];

/** A making: the row at hand, and all that is recorded and decided beside the hook. For a phone, a tablet or the desk. */
export function MakingPage() {
  const { id = '' } = useParams();
  const making = useMaking((state) => state.making);
  const view = useMaking((state) => state.view);
  const failed = useMaking((state) => state.failed);
  const progress = useMaking((state) => state.progress);
  const entries = useMaking((state) => state.entries);
  const [tab, setTab] = useState<TabId>('row');
  const [chosen, setChosen] = useState<{ piece: string; copy: number; wasDone: boolean } | null>(null);
  const [dialog, setDialog] = useState<'log' | 'settings' | 'name' | 'pattern' | null>(null);
  const [sheet, setSheet] = useState(false);
  const settings = useMakingSettings();
  useAwake(settings.awake);
  useEffect(() => {
    void openMaking(id);
    return closeMaking;
  }, [id]);
  useEffect(() => {
    if (making) document.title = `${making.name} · Upfell`;
  }, [making]);
  const picked = progress.find((one) => one.piece === chosen?.piece && one.copy === chosen.copy);
  // A piece that was chosen and is done meanwhile gives way to the next one.
  const at =
    picked && (picked.worked < picked.all || chosen?.wasDone) ? picked : pieceInHand(progress, entries);
  useTime(settings.time, at?.piece ?? null, at?.worked ?? 0);
  const [due, rested] = useRest(settings.rest);
  if (failed && !view) return <Missing id={id} failed={failed} />;
  if (!making || !view || !at) return <p className="p-8 text-soft">Opening the making …</p>;
  if (sheet) return <RowSheet onClose={() => setSheet(false)} />;
  const goTo = (one: PieceProgress) => {
    setChosen({ piece: one.piece, copy: one.copy, wasDone: one.worked >= one.all });
    setTab('row');
  };
  return (
    <Tabs.Root
      value={tab}
      onValueChange={(to) => setTab(to as TabId)}
      className="mx-auto flex h-full w-full max-w-[760px] flex-col border-x border-line bg-sheet"
    >
      <header className="flex shrink-0 items-center gap-2 border-b border-line bg-paper px-4 py-2">
        <Link
          to={`/designs/${making.designId}/makings`}
          className="min-w-0"
          aria-label={`${making.name}, to the design`}
        >
          <h1 className="truncate text-[18px]">{making.name}</h1>
        </Link>
        <SentState />
        <DropdownMenu.Root>
          <DropdownMenu.Trigger asChild>
            <Button look="quiet" className="min-h-[36px]" aria-label="Log and settings">
              <Ellipsis size={18} aria-hidden />
            </Button>
          </DropdownMenu.Trigger>
          <DropdownMenu.Portal>
            <DropdownMenu.Content align="end" className={`${MENU} min-w-52`}>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setDialog('log')}>
                The log …
              </DropdownMenu.Item>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setDialog('pattern')}>
                The pattern as it is now …
              </DropdownMenu.Item>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setSheet(true)}>
                Row sheet for paper
              </DropdownMenu.Item>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setDialog('settings')}>
                How you work …
              </DropdownMenu.Item>
              <DropdownMenu.Item className={MENU_ITEM} onSelect={() => setDialog('name')}>
                Rename …
              </DropdownMenu.Item>
              <DropdownMenu.Item className={MENU_ITEM} asChild>
                <a href={`/api/makings/${id}/file`} download>
                  Download the making
                </a>
              </DropdownMenu.Item>
            </DropdownMenu.Content>
          </DropdownMenu.Portal>
        </DropdownMenu.Root>
      </header>
      <ProgressStrip at={at} onPieces={() => setTab('pieces')} />
      {due && (
        <p className="flex shrink-0 items-center gap-3 bg-eased-wash px-4 py-1.5 text-[13.5px]" role="status">
          <span className="grow">
            {settings.rest} minutes: let hands and wrists rest a little. With pain that stays, see a doctor.
          </span>
          <Button onClick={rested}>Rested</Button>
        </p>
      )}
      {TABS.map(([value]) => (
        <Tabs.Content
          key={value}
          value={value}
          tabIndex={-1}
          className="flex min-h-0 grow flex-col outline-none data-[state=inactive]:hidden"
        >
          <ErrorBoundary key={value}>
            {value === 'row' ? (
              <RowView at={at} onTab={setTab} />
            ) : value === 'pieces' ? (
              <PiecesTab at={at} onPiece={goTo} onSheet={() => setSheet(true)} />
            ) : value === 'joining' ? (
              <JoiningTab />
            ) : value === 'measure' ? (
              <MeasureTab at={at} />
            ) : value === 'change' ? (
              <ChangeTab at={at} />
            ) : (
              <YarnTab at={at} />
            )}
          </ErrorBoundary>
        </Tabs.Content>
      ))}
      <Tabs.List className="grid shrink-0 grid-cols-6 border-t border-line bg-paper" aria-label="Making">
        {TABS.map(([value, label]) => (
          <Tabs.Trigger
            key={value}
            value={value}
            className="min-h-[46px] text-[13px] text-soft data-[state=active]:font-semibold data-[state=active]:text-ink"
          >
            {label}
          </Tabs.Trigger>
        ))}
      </Tabs.List>
      {dialog === 'log' && <LogDialog onClose={() => setDialog(null)} />}
      {dialog === 'settings' && <SettingsDialog onClose={() => setDialog(null)} />}
      {dialog === 'pattern' && <PatternNow onClose={() => setDialog(null)} />}
      {dialog === 'name' && (
        <NameDialog
          title="Rename the making"
          name={making.name}
          action="Rename"
          onClose={() => setDialog(null)}
          onName={async (name) => {
            await makings.rename(id, name);
            useMaking.setState({ making: { ...making, name } });
          }}
        />
      )}
    </Tabs.Root>
  );
}

/** Whether the server has it all; what is counted is kept here first, and says so. */
function SentState() {
  const unsent = useMaking((state) => state.unsent);
  const reach = useMaking((state) => state.reach);
  const said =
    reach.is === 'refused'
      ? reach.message
      : unsent === 0
        ? reach.is === 'away'
          ? 'kept here, server away'
          : 'sent'
        : `kept here, ${unsent} to send`;
  return (
    <span
      className={`ml-auto text-right text-[12.5px] ${reach.is === 'refused' ? 'text-broken' : unsent > 0 || reach.is === 'away' ? 'text-eased' : 'text-soft'}`}
      data-testid="sent"
      data-unsent={unsent}
      role={reach.is === 'refused' ? 'alert' : undefined}
    >
      {said}
    </span>
  );
}

function Missing({ id, failed }: { id: string; failed: { message: string; missing: boolean } }) {
  return (
    <main className="mx-auto max-w-md p-12 text-center">
      <NotOpen
        title={failed.missing ? 'There is no such making' : 'The making cannot be opened'}
        message={failed.message}
        onAgain={failed.missing ? null : () => void openMaking(id)}
      />
    </main>
  );
}

import { lazy, Suspense, useCallback, useEffect, useState } from 'react';
import { useParams } from 'react-router';
import { BodyDrawer } from '../body/BodyDrawer';
import { BodyView } from '../body/BodyView';
import { Drawer } from '../drawer/Drawer';
import { FabricPanel } from '../fabric/FabricPanel';
import { MapPanel } from '../map/MapPanel';
import { ProposalDialog } from '../fabric/ProposalDialog';
import { ShapePanel } from '../shape/ShapePanel';
import { ShapeView } from '../shape/ShapeView';
import { SleeveStrip } from '../rows/SleeveStrip';
import { closeDesign, openDesign, useSaving } from '../state/saving';
import { useDesign } from '../state/designStore';
import { select, setTerms, useView } from '../state/view';
import { TableView } from '../table/TableView';
import { ErrorBoundary } from '../ui/ErrorBoundary';
import { Modal } from '../ui/Modal';
import { NotOpen } from '../ui/NotOpen';
import { Side } from '../ui/Side';
import { SitsTable } from '../worn/SitsTable';
import { ConflictDialog } from './ConflictDialog';
import { OldPlanNotice } from './OldPlanNotice';
import { Rail } from './Rail';
import { SizeTape } from './SizeTape';
import { STEPS, type StepId } from './steps';
import { TopBar } from './TopBar';
import { SHORTCUTS, useShortcuts } from './useShortcuts';

const FindInDesign = lazy(() =>
  import('./FindInDesign').then((module) => ({ default: module.FindInDesign })),
);
const FabricView = lazy(() =>
  import('../fabric/FabricView').then((module) => ({ default: module.FabricView })),
);
const JoinsView = lazy(() => import('../joins/JoinsView').then((module) => ({ default: module.JoinsView })));
const MakingsView = lazy(() =>
  import('../making/MakingsView').then((module) => ({ default: module.MakingsView })),
);
const MapView = lazy(() => import('../map/MapView').then((module) => ({ default: module.MapView })));
const RowsView = lazy(() => import('../rows/RowsView').then((module) => ({ default: module.RowsView })));
const PatternView = lazy(() =>
  import('../pattern/PatternView').then((module) => ({ default: module.PatternView })),
);

const PANELS: Partial<Record<StepId, () => React.ReactNode>> = {
  fabric: FabricPanel,
  shape: ShapePanel,
  map: MapPanel,
};

/** One design: bar, size tape, rail, the step's panel or view, and the drawer for what is selected. */
export function DesignPage() {
  const { id = '', step } = useParams();
  const [help, setHelp] = useState(false);
  const [finding, setFinding] = useState(false);
  const showHelp = useCallback(() => setHelp(true), []);
  const find = useCallback(() => setFinding(true), []);
  const open = useDesign((state) => state.id === id && state.document !== null);
  const failed = useSaving(({ state }) => (state.kind === 'failed' ? state : null));
  const selected = useView(({ selection }) => selection !== null);
  useShortcuts(showHelp, find);
  useEffect(() => {
    setTerms(null);
    void openDesign(id);
    select(null);
    return closeDesign;
  }, [id]);

  const known = STEPS.find((one) => one.id === step)?.id ?? 'table';
  if (!open) return <Missing id={id} failed={failed} />;
  const Panel = PANELS[known];
  /** A making is begun beside the work, on a phone too. */
  const onPhone = known === 'makings';
  return (
    <div className="print-flow flex h-full flex-col">
      <div className={onPhone ? 'hidden lg:block' : 'contents'}>
        <TopBar onHelp={showHelp} onFind={find} />
        <SizeTape />
      </div>
      <div className="print-flow relative flex min-h-0 grow max-md:flex-col">
        <div className={onPhone ? 'hidden lg:flex' : 'contents'}>
          <Rail />
        </div>
        {Panel && (
          <Side side="panel" label={STEPS.find((one) => one.id === known)!.label}>
            <section
              aria-label={STEPS.find((one) => one.id === known)!.label}
              className="contain-content relative h-full overflow-y-scroll p-4 pt-5"
            >
              <ErrorBoundary key={known}>
                <Panel />
              </ErrorBoundary>
            </section>
          </Side>
        )}
        <main className="print-flow relative flex min-w-0 grow flex-col bg-sheet">
          <OldPlanNotice />
          <ErrorBoundary key={known}>
            <Suspense
              fallback={
                <p className="p-8 text-soft">
                  {known === 'pattern' ? 'Writing the pattern …' : 'Laying it out …'}
                </p>
              }
            >
              {known === 'body' ? (
                <BodyView />
              ) : known === 'shape' ? (
                <ShapeView />
              ) : known === 'fabric' ? (
                <FabricView />
              ) : known === 'map' ? (
                <MapView />
              ) : known === 'rows' ? (
                <RowsView />
              ) : known === 'joins' ? (
                <JoinsView />
              ) : known === 'makings' ? (
                <MakingsView />
              ) : known === 'pattern' ? (
                <PatternView />
              ) : (
                <>
                  <TableView />
                  <SleeveStrip />
                </>
              )}
            </Suspense>
          </ErrorBoundary>
        </main>
        {known === 'body' && !selected ? (
          <BodyDrawer />
        ) : (
          known !== 'pattern' &&
          known !== 'makings' && (
            <Drawer above={known === 'shape' ? <SitsTable /> : null} beside={Panel !== undefined} />
          )
        )}
      </div>
      {finding && (
        <Suspense fallback={null}>
          <FindInDesign onClose={() => setFinding(false)} />
        </Suspense>
      )}
      <ConflictDialog />
      <ProposalDialog />
      <Modal open={help} reads onClose={() => setHelp(false)} title="Keyboard">
        <dl className="grid grid-cols-[auto_1fr] gap-x-6 gap-y-2">
          {SHORTCUTS.map(([keys, does]) => (
            <div key={keys} className="contents">
              <dt>
                <kbd className="rounded border border-line bg-paper px-1.5 py-0.5 text-[13px]">{keys}</kbd>
              </dt>
              <dd>{does}</dd>
            </div>
          ))}
        </dl>
      </Modal>
    </div>
  );
}

function Missing({ id, failed }: { id: string; failed: { message: string; missing: boolean } | null }) {
  return (
    <main className="mx-auto max-w-md p-16 text-center">
      {failed ? (
        <NotOpen
          title={failed.missing ? 'This design is not on the shelf' : 'The design cannot be opened'}
          message={failed.message}
          onAgain={failed.missing ? null : () => void openDesign(id)}
        />
      ) : (
        <p className="text-soft">Laying the pieces out …</p>
      )}
    </main>
  );
}

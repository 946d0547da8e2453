import { Tooltip } from 'radix-ui';
import { BrowserRouter, Link, Navigate, Route, Routes } from 'react-router';
import { Toaster } from 'sonner';
import { lazy, Suspense } from 'react';
import { ShelfPage } from './shelf/ShelfPage';
import { useView } from './state/view';
import { useLook } from './ui/useLook';

const ChartsPage = lazy(() =>
  import('./chart/ChartsPage').then((module) => ({ default: module.ChartsPage })),
);
const DesignPage = lazy(() =>
  import('./design/DesignPage').then((module) => ({ default: module.DesignPage })),
);
const FabricsPage = lazy(() =>
  import('./fabric/FabricsPage').then((module) => ({ default: module.FabricsPage })),
);
const MakingPage = lazy(() =>
  import('./making/MakingPage').then((module) => ({ default: module.MakingPage })),
);
const Guide = lazy(() => import('./guide/Guide').then((module) => ({ default: module.Guide })));
const LearnPage = lazy(() => import('./learn/LearnPage').then((module) => ({ default: module.LearnPage })));
const GlossaryPage = lazy(() =>
  import('./learn/GlossaryPage').then((module) => ({ default: module.GlossaryPage })),
);
const StartPage = lazy(() => import('./start/StartPage').then((module) => ({ default: module.StartPage })));
const InstrumentsPage = lazy(() =>
  import('./instruments/InstrumentsPage').then((module) => ({ default: module.InstrumentsPage })),
);

/** The application: a shelf of designs, and one design at a time on the table. */
export function App() {
  useLook();
  const guide = useView((view) => view.guide);
  return (
    <Tooltip.Provider delayDuration={300}>
      <BrowserRouter>
        <Suspense fallback={<p className="p-8 text-soft">One moment …</p>}>
          <Routes>
            <Route path="/" element={<ShelfPage />} />
            <Route path="/new" element={<StartPage />} />
            <Route path="/learn" element={<LearnPage />} />
            <Route path="/glossary" element={<GlossaryPage />} />
            <Route path="/designs/:id" element={<Navigate to="table" replace />} />
            <Route path="/designs/:id/:step" element={<DesignPage />} />
            <Route path="/makings/:id" element={<MakingPage />} />
            <Route path="/charts" element={<ChartsPage />} />
            <Route path="/fabrics" element={<FabricsPage />} />
            <Route path="/instruments" element={<InstrumentsPage />} />
            <Route path="*" element={<NothingHere />} />
          </Routes>
        </Suspense>
        {guide !== null && (
          <Suspense fallback={null}>
            <Guide at={guide} />
          </Suspense>
        )}
      </BrowserRouter>
      <Toaster position="bottom-left" toastOptions={{ style: { fontFamily: 'inherit' } }} />
    </Tooltip.Provider>
  );
}

function NothingHere() {
  return (
    <main className="mx-auto max-w-md p-16 text-center">
      <h1 className="mb-2 text-2xl">There is nothing at this address</h1>
      <Link className="text-agreed underline" to="/">
        Back to the shelf
      </Link>
    </main>
  );
}

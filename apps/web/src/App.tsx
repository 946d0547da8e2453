import { Tooltip } from 'radix-ui';
import { BrowserRouter, Link, Navigate, Route, Routes } from 'react-router';
import { Toaster } from 'sonner';
import { DesignPage } from './design/DesignPage';
import { ShelfPage } from './shelf/ShelfPage';

/** The application: a shelf of designs, and one design at a time on the table. */
export function App() {
  return (
    <Tooltip.Provider delayDuration={300}>
      <BrowserRouter>
        <Routes>
          <Route path="/" element={<ShelfPage />} />
          <Route path="/designs/:id" element={<Navigate to="table" replace />} />
          <Route path="/designs/:id/:step" element={<DesignPage />} />
          <Route path="*" element={<NothingHere />} />
        </Routes>
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

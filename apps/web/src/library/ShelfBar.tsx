import { Contrast, Search } from 'lucide-react';
import { lazy, Suspense, useEffect, useState } from 'react';
import { NavLink } from 'react-router';
import { Button } from '../ui/Button';

const Palette = lazy(() => import('../find/Palette').then((module) => ({ default: module.Palette })));
const LookDialog = lazy(() => import('../ui/LookDialog').then((module) => ({ default: module.LookDialog })));

const PAGES = [
  ['/', 'Designs'],
  ['/charts', 'Charts'],
  ['/fabrics', 'Fabrics'],
  ['/learn', 'Learn'],
  ['/glossary', 'Glossary'],
] as const;

/** The bar over the shelf and the libraries. */
export function ShelfBar() {
  const [open, setOpen] = useState<'find' | 'look' | null>(null);
  useEffect(() => {
    const pressed = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'k') return;
      event.preventDefault();
      setOpen('find');
    };
    window.addEventListener('keydown', pressed);
    return () => window.removeEventListener('keydown', pressed);
  }, []);
  return (
    <header className="no-print flex min-h-[44px] shrink-0 flex-wrap items-center gap-x-6 border-b border-line px-6 max-sm:gap-x-2 max-sm:px-3">
      <span className="font-display text-lg font-semibold">Upfell</span>
      <nav
        aria-label="Shelf and libraries"
        className="flex gap-1 max-sm:order-last max-sm:w-full max-sm:overflow-x-auto"
      >
        {PAGES.map(([to, label]) => (
          <NavLink
            key={to}
            to={to}
            end
            className={({ isActive }) =>
              `rounded px-2.5 py-1 ${isActive ? 'bg-tape font-semibold' : 'text-soft hover:bg-tape hover:text-ink'}`
            }
          >
            {label}
          </NavLink>
        ))}
      </nav>
      <span className="ml-auto hidden text-soft lg:block">
        crochet garments whose pieces match at every seam
      </span>
      <span className="flex max-lg:ml-auto">
        <Button
          look="quiet"
          aria-label="Find by name"
          title="Find by name (Ctrl+K)"
          onClick={() => setOpen('find')}
        >
          <Search size={16} aria-hidden />
        </Button>
        <Button look="quiet" aria-label="Look" title="Paper, contrast, text" onClick={() => setOpen('look')}>
          <Contrast size={16} aria-hidden />
        </Button>
      </span>
      <Suspense fallback={null}>
        {open === 'find' && <Palette onClose={() => setOpen(null)} />}
        {open === 'look' && <LookDialog onClose={() => setOpen(null)} />}
      </Suspense>
    </header>
  );
}

import { NavLink } from 'react-router';

const PAGES = [
  ['/', 'Designs'],
  ['/charts', 'Charts'],
  ['/fabrics', 'Fabrics'],
] as const;

/** The bar over the shelf and the libraries. */
export function ShelfBar() {
  return (
    <header className="flex h-[44px] shrink-0 items-center gap-6 border-b border-line px-6">
      <span className="font-display text-lg font-semibold">Upfell</span>
      <nav aria-label="Shelf and libraries" className="flex gap-1">
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
      <span className="ml-auto text-soft hidden md:block">
        crochet garments whose pieces match at every seam
      </span>
    </header>
  );
}

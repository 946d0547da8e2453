import { PanelLeftClose, PanelLeftOpen, PanelRightClose, PanelRightOpen } from 'lucide-react';
import { useSyncExternalStore, type ReactNode } from 'react';
import { toggleSide, useView, type SideName } from '../state/view';

/** From these widths on a side stands open by itself, px: the panel, a drawer alone, and a drawer beside a panel. */
const OPEN_FROM = { panel: 768, alone: 900, beside: 1180 };

/** Whether the window is at least so wide. */
function useWide(px: number): boolean {
  const query = `(min-width: ${px}px)`;
  return useSyncExternalStore(
    (changed) => {
      const media = window.matchMedia?.(query);
      media?.addEventListener('change', changed);
      return () => media?.removeEventListener('change', changed);
    },
    () => window.matchMedia?.(query).matches ?? true,
  );
}

interface Props {
  side: SideName;
  label: string;
  /** Another side stands open beside the view. */
  beside?: boolean;
  /** It stands open as long as something in it is asked for. */
  needed?: boolean;
  children: ReactNode;
}

/** A side of the work that folds away: on a narrow window by itself, until it is wanted; on a phone it lies over the view. */
export function Side({ side, label, beside = false, needed = false, children }: Props) {
  const chosen = useView(({ sides }) => sides[side]);
  const wide = useWide(side === 'panel' ? OPEN_FROM.panel : beside ? OPEN_FROM.beside : OPEN_FROM.alone);
  const open = needed || (chosen ?? wide);
  const left = side === 'panel';
  const Icon = left ? (open ? PanelLeftClose : PanelLeftOpen) : open ? PanelRightClose : PanelRightOpen;
  const border = left ? 'border-r' : 'border-l';
  const button = (
    <button
      type="button"
      className={`no-print rounded p-1 text-soft hover:bg-tape hover:text-ink ${open ? `absolute top-1 z-10 ${left ? 'right-1' : 'left-1'}` : 'flex h-full flex-col items-center gap-2 pt-2 max-md:h-8 max-md:flex-row max-md:px-3 max-md:pt-0'}`}
      aria-expanded={open}
      aria-label={`${open ? 'Fold' : 'Show'}: ${label}`}
      title={`${open ? 'Fold away' : 'Show'}: ${label}`}
      onClick={() => toggleSide(side, !open)}
    >
      <Icon size={15} aria-hidden />
      {!open && <span className="text-[12.5px] md:[writing-mode:vertical-rl]">{label}</span>}
    </button>
  );
  if (!open)
    return (
      <div
        className={`no-print w-8 shrink-0 ${border} border-line bg-paper max-md:w-full max-md:border-x-0 max-md:border-y`}
      >
        {button}
      </div>
    );
  return (
    <div
      className={`no-print relative shrink-0 ${border} border-line bg-paper max-md:absolute max-md:inset-y-0 max-md:z-20 max-md:shadow-xl ${left ? 'w-[312px] max-md:left-0' : 'w-[304px] max-md:right-0'}`}
    >
      {button}
      {children}
    </div>
  );
}

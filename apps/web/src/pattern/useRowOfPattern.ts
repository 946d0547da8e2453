import { useEffect, type RefObject } from 'react';
import { useSearchParams } from 'react-router';

const ROWS = /^(?:Row|Rnd)s? (\d+)(?:–(\d+))?/;

/** Whether a line of the pattern tells a row: "Row 24 (RS): ...", "Rows 2–36, about 32 cm: ...". */
export function tellsRow(line: string, row: number): boolean {
  const [, first, last] = ROWS.exec(line.trim()) ?? [];
  return first !== undefined && row >= Number(first) && row <= Number(last ?? first);
}

/** Shows the row of a piece that the address asks for ("?piece=front&row=24"), lit for a while. */
export function useRowOfPattern(article: RefObject<HTMLElement | null>, ready: boolean): void {
  const [params] = useSearchParams();
  const piece = params.get('piece');
  const row = Number(params.get('row') ?? NaN);
  useEffect(() => {
    if (!ready || piece === null) return undefined;
    const section = article.current?.querySelector(`[data-section="${CSS.escape(piece)}"]`);
    if (!section) return undefined;
    const line =
      [...section.querySelectorAll('p')].find((one) => tellsRow(one.textContent ?? '', row)) ?? section;
    line.scrollIntoView({ block: 'center' });
    line.classList.add('bg-eased-wash');
    const timer = setTimeout(() => line.classList.remove('bg-eased-wash'), 8000);
    return () => clearTimeout(timer);
  }, [article, piece, row, ready]);
}

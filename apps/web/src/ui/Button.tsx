import type { ButtonHTMLAttributes } from 'react';

const LOOKS = {
  plain: 'border border-line bg-sheet hover:bg-tape',
  strong: 'border border-ink bg-ink text-sheet hover:bg-ink/85',
  quiet: 'hover:bg-tape',
} as const;

/** A button in one of three weights. */
export function Button({
  look = 'plain',
  className = '',
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & { look?: keyof typeof LOOKS }) {
  return (
    <button
      type="button"
      className={`inline-flex items-center gap-1.5 rounded px-2.5 py-1 whitespace-nowrap disabled:opacity-45 ${LOOKS[look]} ${className}`}
      {...rest}
    />
  );
}

/** How much of something is done, as a bar; its label says of what. */
export function Bar({
  done,
  of,
  label,
  className = '',
}: {
  done: number;
  of: number;
  label: string;
  className?: string;
}) {
  const share = of > 0 ? Math.min(1, done / of) : 0;
  return (
    <span
      role="progressbar"
      aria-label={label}
      aria-valuemin={0}
      aria-valuemax={of}
      aria-valuenow={done}
      className={`block h-1.5 overflow-hidden rounded-[2px] bg-tape ${className}`}
    >
      <span className="block h-full bg-ink" style={{ width: `${100 * share}%` }} />
    </span>
  );
}

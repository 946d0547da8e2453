import { Link } from 'react-router';
import { Button } from './Button';

/** Something that could not be opened: why, and what can be done. */
export function NotOpen({
  title,
  message,
  onAgain,
}: {
  title: string;
  message: string;
  /** Null where trying again is of no use. */
  onAgain: (() => void) | null;
}) {
  return (
    <>
      <h1 className="mb-2 text-2xl">{title}</h1>
      <p className="mb-4 text-soft">{message}</p>
      <div className="flex justify-center gap-2">
        {onAgain && <Button onClick={onAgain}>Try again</Button>}
        <Link to="/" className="rounded border border-line bg-sheet px-2.5 py-1 hover:bg-tape">
          Back to the shelf
        </Link>
      </div>
    </>
  );
}

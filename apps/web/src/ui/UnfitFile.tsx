import type { FieldProblem } from '@upfell/core';
import { Modal } from './Modal';

/** A file that could not be taken, and what is wrong in it. */
export interface Unfit {
  file: string;
  problems: readonly FieldProblem[];
}

/** Most problems that are listed; a file with more is another kind of file. */
const MOST = 12;

/** Says why a file cannot be taken, field by field. */
export function UnfitFile({
  unfit,
  cannot,
  description,
  testid,
  onClose,
}: {
  unfit: Unfit | null;
  /** What cannot be done: "be opened". */
  cannot: string;
  description: string;
  testid: string;
  onClose: () => void;
}) {
  return (
    <Modal
      open={unfit !== null}
      onClose={onClose}
      title={`“${unfit?.file.slice(0, 80) ?? ''}” cannot ${cannot}`}
      description={description}
    >
      <ul className="list-disc space-y-1 pl-5" data-testid={testid}>
        {unfit?.problems.slice(0, MOST).map(({ path, message }) => (
          <li key={`${path} ${message}`}>
            {path !== '' && <code className="mr-2 rounded bg-tape px-1 text-[12.5px]">{path}</code>}
            {message}
          </li>
        ))}
      </ul>
    </Modal>
  );
}

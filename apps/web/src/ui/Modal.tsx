import { Dialog } from 'radix-ui';
import { X } from 'lucide-react';
import type { ReactNode } from 'react';

interface Props {
  open: boolean;
  title: string;
  description?: string;
  onClose: () => void;
  children: ReactNode;
  wide?: boolean;
  /** It is only read: the keyboard scrolls it. */
  reads?: boolean;
}

/** A dialog in the middle of the page; Escape closes it. */
export function Modal({ open, title, description, onClose, children, wide, reads }: Props) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-ink/35" />
        <Dialog.Content
          className={`fixed top-1/2 left-1/2 z-50 flex max-h-[85vh] w-[92vw] -translate-x-1/2 -translate-y-1/2 flex-col rounded border border-line bg-sheet p-6 shadow-xl ${wide ? 'max-w-3xl' : 'max-w-md'}`}
          {...(description ? {} : { 'aria-describedby': undefined })}
        >
          <Dialog.Title className="pr-8 text-xl">{title}</Dialog.Title>
          {description && <Dialog.Description className="mt-1 text-soft">{description}</Dialog.Description>}
          <div className="mt-4 min-h-0 overflow-auto" tabIndex={reads ? 0 : undefined}>
            {children}
          </div>
          <Dialog.Close className="absolute top-4 right-4 rounded p-1.5 hover:bg-tape" aria-label="Close">
            <X size={16} aria-hidden />
          </Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

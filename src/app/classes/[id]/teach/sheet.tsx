'use client';

import { Dialog } from 'radix-ui';
import type { ReactNode } from 'react';

/** A large panel over the class; escape closes it. */
export function Sheet({
  open,
  onClose,
  children,
}: {
  open: boolean;
  onClose: () => void;
  children: ReactNode;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-30 bg-ink/50" />
        <Dialog.Content className="fixed inset-y-4 right-4 z-40 w-[61rem] max-w-[calc(100vw-2rem)] overflow-y-auto rounded-2xl border-2 border-ink bg-paper p-6">
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

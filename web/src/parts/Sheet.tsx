import { Dialog } from "radix-ui";
import type { ReactNode } from "react";

interface SheetProps {
  title: string;
  text: string;
  open: boolean;
  onOpenChange(open: boolean): void;
  /** For a table. */
  wide?: boolean;
  children: ReactNode;
}

/** A dialog in the middle of the screen. */
export function Sheet({ title, text, open, onOpenChange, wide, children }: SheetProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/40" />
        <Dialog.Content
          className={`border-rule bg-raised text-ink fixed top-1/2 left-1/2 z-50 max-h-[85vh] max-w-[92vw] ${wide ? "w-[54rem]" : "w-[34rem]"} -translate-x-1/2 -translate-y-1/2 overflow-auto rounded-lg border p-5 shadow-xl`}
        >
          <Dialog.Title className="font-title m-0 text-xl">{title}</Dialog.Title>
          <Dialog.Description className="text-quiet mt-1 mb-3">{text}</Dialog.Description>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

import type { ReactNode } from "react";

/** A titled part of a view. */
export function Block({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="border-rule bg-raised rounded-lg border px-3 py-2">
      <h2 className="font-title text-quiet m-0 mb-1 text-base font-normal">{title}</h2>
      {children}
    </section>
  );
}

import type { HTMLAttributes } from "react";

interface MeanwhileProps extends HTMLAttributes<HTMLDivElement> {
  /** Whether it was worked out for what was before. */
  earlier: boolean;
}

/** What was said before the last change stays until it is worked out anew, and says so. */
export function Meanwhile({ earlier, className = "", children, ...rest }: MeanwhileProps) {
  return (
    <div className={`relative ${className}`} aria-busy={earlier} {...rest}>
      {children}
      {earlier && (
        <p className="border-warn bg-warn-soft absolute top-0 right-0 z-10 m-0 rounded-md border px-2 text-sm">
          Reckoning anew; this is from before …
        </p>
      )}
    </div>
  );
}

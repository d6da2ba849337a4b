import type { ComponentProps } from "react";

interface FieldProps extends ComponentProps<"input"> {
  label: string;
}

/** A labelled field of a form. */
export function Field({ label, className = "", ...rest }: FieldProps) {
  return (
    <label className="text-quiet flex flex-col text-sm">
      {label}
      <input
        {...rest}
        className={`border-rule bg-ground text-ink min-h-9 rounded-md border px-2 text-base ${className}`}
      />
    </label>
  );
}

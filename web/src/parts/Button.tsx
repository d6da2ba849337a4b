import type { ComponentProps } from "react";

interface ButtonProps extends ComponentProps<"button"> {
  look?: "plain" | "strong";
}

const LOOKS = {
  plain: "border-rule bg-raised hover:bg-accent-soft",
  strong: "border-accent bg-accent text-on-accent hover:opacity-90",
};

export function Button({ look = "plain", className = "", ...rest }: ButtonProps) {
  return (
    <button
      type="button"
      {...rest}
      className={`inline-flex min-h-9 items-center gap-1.5 rounded-md border px-2.5 text-sm font-semibold disabled:opacity-45 ${LOOKS[look]} ${className}`}
    />
  );
}

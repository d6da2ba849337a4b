import { Checkbox } from "radix-ui";
import { Check } from "lucide-react";
import { useId } from "react";

interface TickWordProps {
  label: string;
  /** What it means. */
  title: string;
  checked: boolean;
  onChange(checked: boolean): void;
}

/** Something that is there or not. */
export function TickWord({ label, title, checked, onChange }: TickWordProps) {
  const id = useId();
  return (
    <span className="inline-flex min-h-9 items-center gap-1.5" title={title}>
      <Checkbox.Root
        id={id}
        checked={checked}
        onCheckedChange={(value) => onChange(value === true)}
        className={`border-accent flex size-5 items-center justify-center rounded border-2 ${checked ? "bg-accent text-on-accent" : "bg-ground"}`}
      >
        <Checkbox.Indicator>
          <Check aria-hidden size={15} />
        </Checkbox.Indicator>
      </Checkbox.Root>
      <label htmlFor={id}>{label}</label>
    </span>
  );
}

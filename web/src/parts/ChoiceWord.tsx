import { Check, ChevronDown } from "lucide-react";
import { Select } from "radix-ui";
import { styleNonce } from "./styleNonce";

export interface Choice<V extends string = string> {
  value: V;
  label: string;
  /** Said beside the label in the list. */
  hint?: string;
  /** Shown before the label. */
  colour?: string;
}

interface ChoiceWordProps<V extends string> {
  /** What is chosen, for screen readers: "fold". */
  label: string;
  value: V;
  choices: Choice<V>[];
  onChoose(value: V): void;
  /** The word in the sentence, where it differs from the list's. */
  shown?: string;
  colour?: string;
}

/** A bold word of the sentence that opens a list. */
export function ChoiceWord<V extends string>({
  label,
  value,
  choices,
  onChoose,
  shown,
  colour,
}: ChoiceWordProps<V>) {
  return (
    <Select.Root value={value} onValueChange={onChoose}>
      <Select.Trigger
        aria-label={label}
        className="border-accent text-accent hover:bg-accent-soft inline-flex min-h-8 items-center gap-0.5 border-b-2 font-bold"
      >
        {colour && <Swatch colour={colour} />}
        {/* Without a value the list shows nothing of its own. */}
        <Select.Value placeholder={shown}>
          {shown ?? choices.find((c) => c.value === value)?.label ?? value}
        </Select.Value>
        <ChevronDown aria-hidden size={16} />
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          position="popper"
          sideOffset={4}
          className="border-rule bg-raised text-ink z-50 max-h-96 overflow-auto rounded-md border p-1 font-sans text-base shadow-lg"
        >
          <Select.Viewport nonce={styleNonce}>
            {choices.map((choice) => (
              <Select.Item
                key={choice.value}
                value={choice.value}
                className="data-[highlighted]:bg-accent-soft flex min-h-10 cursor-pointer items-center gap-3 rounded px-2 py-1 outline-none"
              >
                <span className="w-4">
                  <Select.ItemIndicator>
                    <Check aria-hidden size={16} />
                  </Select.ItemIndicator>
                </span>
                {choice.colour && <Swatch colour={choice.colour} />}
                <Select.ItemText>{choice.label}</Select.ItemText>
                {choice.hint && <span className="text-quiet ml-auto pl-4 text-sm">{choice.hint}</span>}
              </Select.Item>
            ))}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  );
}

/** A paper's colour, as large as a letter. */
const Swatch = ({ colour }: { colour: string }) => (
  <svg aria-hidden width={14} height={14} className="mr-1 shrink-0">
    <rect x={0.5} y={0.5} width={13} height={13} rx={2} fill={colour} stroke="var(--edge)" />
  </svg>
);

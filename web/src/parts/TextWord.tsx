import { useId, useLayoutEffect, useRef, useState, type KeyboardEvent, type MouseEvent } from "react";
import { useBench, useBenchStore } from "../state/useBench";

interface TextWordProps {
  label: string;
  /** As it stands in the sentence and as it is edited: "5½ in". */
  shown: string;
  /** Path in the brief, to find the server's refusal. */
  field: string;
  /** Resolves to false if it was refused; what was typed then stays. */
  onCommit(text: string): Promise<boolean>;
  /** With up and down arrows, if given: the text that many steps further. */
  stepped?(steps: number): string;
  /** Said while the word is being changed: what it is and how far it may go. */
  help?: string;
}

const STEPS: Record<string, number> = { ArrowUp: 1, ArrowDown: -1 };

/** A bold word of the sentence that is typed over. Enter or leaving it commits, Escape takes it back. */
export function TextWord({ label, shown, field, onCommit, stepped, help }: TextWordProps) {
  const [draft, setDraft] = useState<string | null>(null);
  const refusal = useBench((b) => b.refusal);
  const store = useBenchStore();
  const messageId = useId();
  const [focused, setFocused] = useState(false);
  const input = useRef<HTMLInputElement>(null);
  const sent = useRef<string | null>(null);
  const refused = draft === null ? undefined : refusal?.fields?.find((f) => f.field === field);

  const message = refused?.text ?? (focused ? help : undefined);

  /* Once it is entered, and when it changes under the cursor, a word is taken whole: what is typed next replaces it. */
  useLayoutEffect(() => {
    if (draft === null && document.activeElement === input.current) input.current?.select();
  }, [draft, shown]);

  /* What is typed while the answer is on its way stays. */
  const settled = (typed: string | null) => setDraft((now) => (now === typed ? null : now));

  /* Enter and then leaving the word are one change, until something else is typed. */
  async function commit() {
    if (draft === null || draft === sent.current) return;
    sent.current = draft;
    if (draft.trim() === shown || (await onCommit(draft.trim()))) settled(draft);
    else sent.current = null;
  }

  /* Keys that come while one is being planned add up: each counts from where the first began. */
  const stepping = useRef({ total: 0, done: 0 });
  async function step(steps: number) {
    if (!stepped) return;
    const keys = stepping.current;
    keys.total += steps;
    if (keys.total !== steps) return;
    while (keys.done !== keys.total) {
      keys.done = keys.total;
      if (!(await onCommit(stepped(keys.done)))) break;
      settled(draft);
    }
    stepping.current = { total: 0, done: 0 };
  }

  function press(e: KeyboardEvent<HTMLInputElement>) {
    const steps = STEPS[e.key];
    if (e.key === "Enter") {
      e.currentTarget.select();
      void commit();
    }
    if (e.key === "Escape") {
      setDraft(null);
      store.forgetRefusal();
    }
    if (stepped && steps) {
      e.preventDefault();
      void step(steps);
    }
  }

  return (
    <span className="relative inline-block">
      <input
        ref={input}
        aria-label={label}
        aria-invalid={refused ? true : undefined}
        aria-describedby={message ? messageId : undefined}
        className={`field-sizing-content min-h-8 min-w-8 border-b-2 bg-transparent font-bold ${
          refused ? "border-stop text-stop" : "border-accent text-accent hover:bg-accent-soft"
        }`}
        value={draft ?? shown}
        onMouseDown={takeWhole}
        onFocus={(e) => {
          setFocused(true);
          e.currentTarget.select();
        }}
        onChange={(e) => {
          sent.current = null;
          setDraft(e.target.value);
        }}
        onBlur={() => {
          setFocused(false);
          void commit();
        }}
        onKeyDown={press}
      />
      {message && (
        <span
          id={messageId}
          role={refused ? "alert" : undefined}
          className={`text-ink pointer-events-none absolute top-full left-0 z-40 mt-1 w-max max-w-80 rounded border px-2 py-1 font-sans text-sm leading-snug font-normal shadow ${
            refused ? "border-stop bg-stop-soft" : "border-rule bg-raised"
          }`}
        >
          {message}
        </span>
      )}
    </span>
  );
}

/** The first click takes the whole word, to be typed over; a second one places the cursor in it. */
function takeWhole(e: MouseEvent<HTMLInputElement>) {
  if (document.activeElement === e.currentTarget) return;
  e.preventDefault();
  e.currentTarget.focus();
}

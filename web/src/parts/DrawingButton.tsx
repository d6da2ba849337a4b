import { Upload } from "lucide-react";
import { useRef, useState } from "react";
import { api, Problem } from "../api/client";
import { Button } from "./Button";
import { usePlan } from "../state/useBench";

interface DrawingButtonProps {
  /** What is drawn, "the ornament". */
  of: string;
  /** How wide it is to be. */
  width: string;
  onDrawn(outline: string): Promise<boolean>;
}

/** Takes the outer line of an SVG drawing as the outline. */
export function DrawingButton({ of, width, onDrawn }: DrawingButtonProps) {
  const brief = usePlan((p) => p.brief);
  const input = useRef<HTMLInputElement>(null);
  const [said, setSaid] = useState<{ text: string; refused: boolean } | null>(null);

  async function read(file: File) {
    try {
      const drawn = await api.outline(await file.text(), width, brief.units);
      if (await onDrawn(drawn.outline)) {
        setSaid(
          drawn.leftOut > 0
            ? { text: `The largest shape was taken; ${drawn.leftOut} smaller left out.`, refused: false }
            : null,
        );
      }
    } catch (error) {
      if (!(error instanceof Problem)) throw error;
      setSaid({ text: error.message, refused: true });
    }
  }

  return (
    <>
      <Button onClick={() => input.current?.click()}>
        <Upload aria-hidden size={16} /> from a drawing (SVG)
      </Button>
      <input
        ref={input}
        type="file"
        accept=".svg,image/svg+xml"
        aria-label={`Drawing for ${of}`}
        className="sr-only"
        tabIndex={-1}
        onChange={(e) => {
          const file = e.target.files?.[0];
          e.target.value = "";
          if (file) void read(file);
        }}
      />
      {said && (
        <span
          role={said.refused ? "alert" : "status"}
          className={`block leading-snug ${said.refused ? "text-stop font-semibold" : "text-quiet"}`}
        >
          {said.text}
        </span>
      )}
    </>
  );
}

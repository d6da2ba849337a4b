import type { Look } from "../api/types";
import { PaperRegions } from "../paper/PaperRegions";
import { Meanwhile } from "../parts/Meanwhile";
import { Saved } from "../parts/Saved";
import { usePlan, useSettledBrief } from "../state/useBench";
import { words } from "./moments";
import { useLooks } from "./useLooks";
import { pointed, type Selection } from "./selection";

interface LooksProps {
  selection: Selection;
  onSelect(selection: Selection): void;
}

/**
 * The card closed, at each stage the recipient is shown and from behind, in its papers; a face is chosen by pointing at it,
 * more of them with Shift.
 */
export function Looks({ selection, onSelect }: LooksProps) {
  const settled = useSettledBrief();
  const closed = usePlan((p) => p.closed);
  const looks = useLooks(settled);
  if (!closed) return <p className="m-0">The card does not fold flat, so it cannot be looked at closed.</p>;
  if (!looks.data) return <p className="m-0">Laying out …</p>;
  return (
    <section aria-label="The card as it is seen">
      <Meanwhile earlier={looks.isPlaceholderData} className="grid grid-cols-1 gap-3 sm:grid-cols-2">
        {looks.data.map((look) => (
          <Picture
            key={`${look.moment.how} ${look.moment.stage}`}
            look={look}
            selection={selection}
            onPick={(face, more) => onSelect(pointed(selection, face, more))}
          />
        ))}
      </Meanwhile>
      <p className="text-quiet m-0 mt-1 text-sm">
        Click a face to dress it; Shift and click for more of them at once.
      </p>
    </section>
  );
}

interface PictureProps {
  look: Look;
  /** When it is looked at, where nothing else is said. */
  title?: string;
  selection?: Selection;
  onPick?(face: string, more: boolean): void;
}

/** The card at one moment. */
export function Picture({ look, title, selection, onPick }: PictureProps) {
  const edge = 0.03 * Math.max(look.widthMm, look.heightMm);
  return (
    <figure className="border-rule bg-raised m-0 rounded-lg border px-3 py-2">
      <figcaption className="font-title text-quiet text-base">{title ?? words(look.moment).title}</figcaption>
      <Saved name={`the card ${words(look.moment).said}`}>
        <svg
          viewBox={`${-edge} ${-edge} ${look.widthMm + 2 * edge} ${look.heightMm + 2 * edge}`}
          className="h-60 w-full"
          role="img"
          aria-label={`The card ${words(look.moment).said}`}
        >
          <PaperRegions
            regions={look.regions}
            height={look.heightMm}
            line={edge * 0.12}
            marked={selection}
            onPick={onPick}
            arrows
          />
        </svg>
      </Saved>
    </figure>
  );
}

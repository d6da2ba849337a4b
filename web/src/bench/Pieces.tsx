import type { Face } from "../api/types";
import { ChoiceWord } from "../parts/ChoiceWord";
import { useChange, usePlan } from "../state/useBench";

/** What to cut, large enough to read at arm's length. */
export function Pieces() {
  const { cutList } = usePlan();
  return (
    <ul className="m-0 list-none p-0 text-base" aria-label="Pieces to cut">
      {cutList.map((piece, i) => (
        <li
          key={i}
          className="border-rule flex flex-wrap items-baseline gap-x-3 border-t py-1 first:border-t-0"
        >
          <span className="w-10 text-right whitespace-nowrap">{piece.count} ×</span>
          <b className="text-lg">{piece.size.shown}</b>
          <span>{piece.name}</span>
          <span className="text-quiet">
            {piece.goesOn}
            {piece.note && `; ${piece.note}`}
          </span>
        </li>
      ))}
    </ul>
  );
}

const SEEN: Record<Face["seen"][number], string> = {
  CLOSED: "closed",
  OPENED: "opened",
  DISPLAYED: "displayed",
  ASIDE: "from the side",
  BEHIND: "from behind",
};

/** How many mats each face gets, where it differs from the rest. */
export function Faces() {
  const { faces } = usePlan();
  const change = useChange();
  return (
    <ul className="m-0 list-none p-0 text-base" aria-label="Faces to dress">
      {faces.map((face) => (
        <li key={face.key} className="flex items-baseline gap-x-2">
          <span className="min-w-0 grow leading-tight">
            {face.name}{" "}
            <span className="text-quiet text-sm">
              seen {face.seen.map((s) => SEEN[s]).join(", ")}
              {face.beforeAssembly && face.layers > 0 && "; goes on before assembly"}
            </span>
          </span>
          <span className="shrink-0 whitespace-nowrap">
            <ChoiceWord
              label={`Mats on ${face.name}`}
              value={String(face.layers)}
              choices={["no mat", "1 mat", "2 mats"].map((label, i) => ({ value: String(i), label }))}
              onChoose={(n) =>
                void change(({ matting }) => ({
                  matting: { ...matting, byFace: { ...matting.byFace, [face.key]: Number(n) } },
                }))
              }
            />
          </span>
        </li>
      ))}
    </ul>
  );
}

import { usePlan } from "../state/useBench";

/** What to cut, large enough to read at arm's length. */
export function Pieces() {
  const cutList = usePlan((p) => p.cutList);
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
            {[piece.paper, piece.goesOn, piece.note].filter(Boolean).join("; ")}
          </span>
        </li>
      ))}
    </ul>
  );
}

import { usePlan } from "../state/useBench";

/** What its pockets hold, and how much of that can be taken hold of. */
export function Pockets() {
  const pockets = usePlan((p) => p.pockets);
  return (
    <ul className="m-0 list-none p-0 text-base" aria-label="In the pocket">
      {pockets.map((said) => (
        <li key={said} className="px-1">
          {said}
        </li>
      ))}
    </ul>
  );
}

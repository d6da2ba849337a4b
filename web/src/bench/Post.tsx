import { usePlan } from "../state/useBench";

/** What some services make of the card in its envelope. Limits only: what it costs the post says. */
export function Post() {
  const { post } = usePlan();
  if (post.length === 0) return <p className="m-0">Choose an envelope to see which letter it makes.</p>;
  return (
    <>
      <ul className="m-0 list-none p-0 text-base" aria-label="What the post makes of it">
        {post.map((p) => (
          <li key={p.service} className="border-rule border-t py-1 first:border-t-0">
            <span className="flex flex-wrap items-baseline gap-x-2">
              <span>{p.service}</span>
              <b className={p.taken ? "" : "text-warn"}>{p.taken ?? "no letter"}</b>
              {p.dearer && (
                <span className="text-warn text-sm">dearer: its shape does not suit machines</span>
              )}
            </span>
            <span className="text-quiet block text-sm">{p.text}</span>
          </li>
        ))}
      </ul>
      <p className="text-quiet mt-1 mb-0 text-sm">
        Limits from memory, November 2026; they change. Weight and thickness include the envelope, estimated.
        Check with your post office.
      </p>
    </>
  );
}

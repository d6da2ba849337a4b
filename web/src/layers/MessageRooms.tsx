import { usePlan } from "../state/useBench";

/** Where a message can be written, the largest place first; where there is none a snag says what to do. */
export function MessageRooms({ onChoose }: { onChoose(face: string): void }) {
  const messageRoom = usePlan((p) => p.messageRoom);
  if (messageRoom.length === 0) {
    return (
      <p className="m-0">
        No face that can be reached has a plain place of about 2 by 3 in (50 by 75 mm). A writing mat makes
        one on a face that is large enough; otherwise write on a small card of its own and put it in.
      </p>
    );
  }
  return (
    <ul className="m-0 list-none p-0 text-base" aria-label="Room to write">
      {messageRoom.map((room) => (
        <li key={room.face}>
          <button
            type="button"
            className="hover:bg-accent-soft min-h-8 rounded px-1 text-left"
            onClick={() => onChoose(room.face)}
          >
            <b>{room.size.shown}</b> on the {room.name}
          </button>
        </li>
      ))}
    </ul>
  );
}

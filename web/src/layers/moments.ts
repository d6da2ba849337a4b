import type { Face } from "../api/types";

/** When a face is seen: over a picture, and in a sentence. */
export const MOMENTS: Record<Face["seen"][number], { title: string; said: string }> = {
  CLOSED: { title: "Closed", said: "closed" },
  OPENED: { title: "Opened out", said: "opened" },
  OPENING: { title: "Opening", said: "as it opens" },
  DISPLAYED: { title: "Displayed", said: "displayed" },
  ASIDE: { title: "From the side", said: "from the side" },
  BEHIND: { title: "From behind", said: "from behind" },
};

import type { Face } from "../api/types";

type Moment = Face["seen"][number];

interface Words {
  title: string;
  said: string;
}

const MOMENTS: Record<Moment["how"], Words> = {
  CLOSED: { title: "Closed", said: "closed" },
  OPENED: { title: "Opened out", said: "opened" },
  OPENING: { title: "Opening", said: "as it opens" },
  DISPLAYED: { title: "Displayed", said: "displayed" },
  ASIDE: { title: "From the side", said: "from the side" },
  BEHIND: { title: "From behind", said: "from behind" },
};

/** Stages that a card has only one of need no name of their own. */
const PLAIN = ["flat", "closed", "displayed"];

/** When a face is seen: over a picture, and in a sentence. */
export function words({ how, stage }: Moment): Words {
  if (PLAIN.includes(stage)) return MOMENTS[how];
  const said = how === "ASIDE" ? `${stage}, from the side` : stage;
  return { title: said.charAt(0).toUpperCase() + said.slice(1), said };
}

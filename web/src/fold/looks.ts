/** From where something is seen: a direction, x right, y up, z towards the viewer. */
export type Direction = readonly [number, number, number];

/** Where the card is looked at from. */
export const LOOKS = {
  front: [0.35, 0.3, 1],
  "from above": [0.05, 1, 0.35],
  "from behind": [-0.35, 0.35, -1],
} as const satisfies Record<string, Direction>;

export type Look = keyof typeof LOOKS;

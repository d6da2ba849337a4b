import { useEffect, useSyncExternalStore } from "react";
import { api } from "../api/client";
import { keptHere } from "../state/keptHere";
import { PlaceKeeper, type Unkept } from "./placeKeeper";

const unkept = keptHere<Unkept>("place");

/* One for each card as long as the page lives: what is still on its way is not lost when the maker looks at another view. */
const keepers = new Map<string, PlaceKeeper>();

function keeperOf(project: string): PlaceKeeper {
  const keeper = keepers.get(project) ?? new PlaceKeeper(project, api, unkept);
  keepers.set(project, keeper);
  return keeper;
}

/** The place at the table: kept by the server, over reloads and restarts; what cannot be kept stays on the screen. */
export function useMaking(project: string) {
  const keeper = keeperOf(project);
  useEffect(() => void keeper.open(), [keeper]);
  const { state, trouble } = useSyncExternalStore(keeper.watch, keeper.now);
  return { state, trouble, change: keeper.change, forget: keeper.forget };
}

import { useCallback, useEffect, useRef, useState } from "react";
import { api, Problem } from "../api/client";
import type { Making, MakingState } from "../api/types";

/** The place at the table: kept by the server, over reloads and restarts; what cannot be kept stays on the screen. */
export function useMaking(project: string) {
  const [state, setState] = useState<MakingState | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  const version = useRef(-1);
  const wanted = useRef<MakingState | null>(null);
  const busy = useRef(false);

  const take = useCallback((making: Making) => {
    version.current = making.version;
    wanted.current = null;
    setState(making.state);
  }, []);

  useEffect(() => {
    let here = true;
    api.making(project).then(
      (making) => here && take(making),
      (e: unknown) => here && setTrouble(e instanceof Error ? e.message : String(e)),
    );
    return () => {
      here = false;
    };
  }, [project, take]);

  /* One after the other: each carries the version that the one before it made. */
  const keep = useCallback(async () => {
    if (busy.current) return;
    busy.current = true;
    try {
      while (wanted.current) {
        const sent = wanted.current;
        const kept = await api.keepMaking(project, { version: version.current, state: sent });
        version.current = kept.version;
        if (wanted.current === sent) wanted.current = null;
        setTrouble(null);
      }
    } catch (e) {
      if (e instanceof Problem && e.body.status === 409) {
        take(await api.making(project));
        setTrouble("Another window has gone on with this card; this is where it is now.");
      } else {
        setTrouble(`${e instanceof Error ? e.message : String(e)} The place is not kept yet.`);
      }
    } finally {
      busy.current = false;
    }
  }, [project, take]);

  const change = useCallback(
    (how: (state: MakingState) => MakingState) => {
      setState((before) => {
        if (!before) return before;
        const after = how(before);
        wanted.current = after;
        return after;
      });
      setTimeout(() => void keep());
    },
    [keep],
  );

  const forget = useCallback(async () => take(await api.forgetMaking(project)), [project, take]);
  return { state, trouble, change, forget };
}

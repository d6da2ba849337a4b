/** What this browser keeps until the server has it: one thing of a kind for each project. */
export interface KeptHere<T> {
  keep(id: string, what: T): void;
  of(id: string): T | null;
  forget(id: string): void;
}

export function keptHere<T>(kind: string): KeptHere<T> {
  const key = (id: string) => `vantbreeze ${kind} ${id}`;
  return {
    keep(id, what) {
      try {
        localStorage.setItem(key(id), JSON.stringify(what));
      } catch {
        // a browser that keeps nothing: the page itself still has it
      }
    },
    of(id) {
      try {
        return JSON.parse(localStorage.getItem(key(id)) ?? "null") as T | null;
      } catch {
        return null;
      }
    },
    forget(id) {
      try {
        localStorage.removeItem(key(id));
      } catch {
        // nothing was kept
      }
    },
  };
}

import { useQuery } from "@tanstack/react-query";
import { api } from "../api/client";

const SELDOM_MS = 60_000;
const OFTEN_MS = 5000;

/** What the maker has to know about what is kept; nothing as long as all is well. */
export function StoreTrouble() {
  const state = useQuery({
    queryKey: ["store"],
    queryFn: api.store,
    retry: false,
    refetchInterval: (query) =>
      query.state.error || query.state.data?.works === false ? OFTEN_MS : SELDOM_MS,
  });
  const sentences = state.error ? [state.error.message] : (state.data?.trouble ?? []);
  if (sentences.length === 0) return null;
  return (
    <div role="alert" className="border-stop bg-stop-soft no-print border-l-4 px-4 py-2">
      {sentences.map((sentence) => (
        <p key={sentence} className="m-0">
          {sentence}
        </p>
      ))}
    </div>
  );
}

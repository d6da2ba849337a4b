/** Why something was refused; nothing where nothing was. */
export function Trouble({ text }: { text: string | null }) {
  if (!text) return null;
  return (
    <p role="alert" className="border-stop bg-stop-soft m-0 mt-1 rounded-md border-l-4 px-3 py-1.5">
      {text}
    </p>
  );
}

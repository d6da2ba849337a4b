import { Clapperboard } from "lucide-react";
import { useState, type RefObject } from "react";
import { Button } from "../parts/Button";

interface FilmProps {
  /** What holds the picture. */
  model: RefObject<HTMLDivElement | null>;
  /** How far the slider goes. */
  most: number;
  onAt(at: number): void;
}

const SECONDS_FOR_EACH = 2.5;
const STILL_SECONDS = 0.6;
const FRAMES = 30;

/** Records the model on its way from the first stage to the last, as a short WebM film. */
export function Film({ model, most, onAt }: FilmProps) {
  const [share, setShare] = useState<number | null>(null);
  const canvas = () => model.current?.querySelector("canvas");
  if (typeof MediaRecorder === "undefined" || !("captureStream" in HTMLCanvasElement.prototype)) return null;

  async function record() {
    const picture = canvas();
    if (!picture) return;
    const recorder = new MediaRecorder(picture.captureStream(FRAMES), { mimeType: "video/webm" });
    const parts: Blob[] = [];
    recorder.ondataavailable = (e) => parts.push(e.data);
    const ended = new Promise((resolve) => (recorder.onstop = resolve));
    recorder.start();
    const long = most * SECONDS_FOR_EACH;
    const begun = performance.now();
    await new Promise<void>((resolve) => {
      const step = (now: number) => {
        const seconds = (now - begun) / 1000 - STILL_SECONDS;
        const done = Math.min(1, Math.max(0, seconds / long));
        onAt(most * done);
        setShare(done);
        if (seconds > long + STILL_SECONDS) resolve();
        else requestAnimationFrame(step);
      };
      requestAnimationFrame(step);
    });
    recorder.stop();
    await ended;
    setShare(null);
    const link = document.createElement("a");
    link.href = URL.createObjectURL(new Blob(parts, { type: "video/webm" }));
    link.download = "folding.webm";
    link.click();
    setTimeout(() => URL.revokeObjectURL(link.href), 1000);
  }
  return (
    <div>
      <Button onClick={() => void record()} disabled={share !== null}>
        <Clapperboard aria-hidden size={16} />{" "}
        {share === null ? "Save as a short film" : `Filming, ${Math.round(share * 100)} % …`}
      </Button>
    </div>
  );
}

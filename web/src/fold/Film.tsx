import { Clapperboard } from "lucide-react";
import { useState } from "react";
import { Button } from "../parts/Button";
import { Trouble } from "../parts/Trouble";
import { reasonOf } from "../state/reasonOf";

interface FilmProps {
  /** What is filmed. */
  picture: HTMLCanvasElement;
  /** How far the slider goes. */
  most: number;
  onAt(at: number): void;
}

const SECONDS_FOR_EACH = 2.5;
const STILL_SECONDS = 0.6;
const FRAMES = 30;
const TYPE = "video/webm";

const canFilm = () =>
  "captureStream" in HTMLCanvasElement.prototype &&
  typeof MediaRecorder !== "undefined" &&
  MediaRecorder.isTypeSupported(TYPE);

/** Records the model on its way from the first stage to the last, as a short WebM film. */
export function Film({ picture, most, onAt }: FilmProps) {
  const [share, setShare] = useState<number | null>(null);
  const [trouble, setTrouble] = useState<string | null>(null);
  if (!canFilm()) return null;

  /** Moves the model from the beginning to the end, with a rest at both. */
  function play(): Promise<void> {
    const long = most * SECONDS_FOR_EACH;
    const begun = performance.now();
    return new Promise((resolve) => {
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
  }

  async function film(): Promise<Blob> {
    const recorder = new MediaRecorder(picture.captureStream(FRAMES), { mimeType: TYPE });
    const parts: Blob[] = [];
    recorder.ondataavailable = (e) => parts.push(e.data);
    const ended = new Promise((resolve, fail) => {
      recorder.onstop = resolve;
      recorder.onerror = () => fail(new Error("the browser gave up recording"));
    });
    recorder.start();
    await Promise.race([play(), ended]);
    if (recorder.state !== "inactive") recorder.stop();
    await ended;
    return new Blob(parts, { type: TYPE });
  }

  async function save() {
    setTrouble(null);
    setShare(0);
    try {
      const taken = await film();
      /* Whoever went to another view on the way has half a film. */
      if (!picture.isConnected) return;
      const link = document.createElement("a");
      link.href = URL.createObjectURL(taken);
      link.download = "folding.webm";
      link.click();
      setTimeout(() => URL.revokeObjectURL(link.href), 1000);
    } catch (e) {
      setTrouble(`No film could be made: ${reasonOf(e)}.`);
    } finally {
      setShare(null);
    }
  }
  return (
    <div>
      <Button onClick={() => void save()} disabled={share !== null}>
        <Clapperboard aria-hidden size={16} />{" "}
        {share === null ? "Save as a short film" : `Filming, ${Math.round(share * 100)} % …`}
      </Button>
      <Trouble text={trouble} />
    </div>
  );
}

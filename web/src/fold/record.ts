/** Size of a video in dots; a usual one, that every player shows. */
export const WIDTH = 1280;
export const HEIGHT = 720;

const SECONDS_FOR_EACH = 2.5;
const STILL_SECONDS = 0.6;
const FRAMES = 30;
const TYPE = "video/webm";

/** The better picture first: VP8 tints a plain ground. */
const CODECS = [`${TYPE};codecs=vp9`, `${TYPE};codecs=vp8`, TYPE];

/** Clear enough for paper edges; a few MB for a card. */
const BITS_A_SECOND = 6_000_000;

const codec = () => CODECS.find((type) => MediaRecorder.isTypeSupported(type));

export const canRecord = () =>
  "captureStream" in HTMLCanvasElement.prototype &&
  typeof MediaRecorder !== "undefined" &&
  codec() !== undefined;

const frame = () => new Promise<number>((resolve) => requestAnimationFrame(resolve));

/** What is filmed is a picture with a ground: a picture that is seen through would be black in a video. */
function grounded(picture: HTMLCanvasElement, ground: string) {
  const canvas = document.createElement("canvas");
  canvas.width = WIDTH;
  canvas.height = HEIGHT;
  const pen = canvas.getContext("2d");
  if (!pen) throw new Error("the browser gives no picture to draw in");
  const paint = () => {
    pen.fillStyle = ground;
    pen.fillRect(0, 0, WIDTH, HEIGHT);
    pen.drawImage(picture, 0, 0, WIDTH, HEIGHT);
  };
  return { canvas, paint };
}

/**
 * Records a picture while what it shows moves from the beginning to the end, with a rest at both.
 *
 * @param picture it keeps what was drawn last, tells in `data-frames` how often it drew and in `data-loading` whether it waits
 * @param most where the way ends
 * @param onAt told how far it is
 * @returns a WebM video of {@link WIDTH} by {@link HEIGHT}, whose first frame is the beginning
 */
export async function record(
  picture: HTMLCanvasElement,
  ground: string,
  most: number,
  onAt: (at: number) => void,
): Promise<Blob> {
  const { canvas, paint } = grounded(picture, ground);
  while (!picture.dataset.frames || picture.dataset.loading === "true") {
    await frame();
    if (!picture.isConnected) throw new Error("the picture is gone");
  }
  paint();
  const recorder = new MediaRecorder(canvas.captureStream(FRAMES), {
    mimeType: codec() ?? TYPE,
    videoBitsPerSecond: BITS_A_SECOND,
  });
  const parts: Blob[] = [];
  let failed = false;
  recorder.ondataavailable = (e) => parts.push(e.data);
  const ended = new Promise<void>((resolve) => {
    recorder.onstop = () => resolve();
    recorder.onerror = () => {
      failed = true;
      resolve();
    };
  });
  recorder.start();
  const long = most * SECONDS_FOR_EACH;
  const begun = performance.now();
  for (let seconds = 0; seconds <= long + 2 * STILL_SECONDS && !failed && picture.isConnected;) {
    seconds = ((await frame()) - begun) / 1000;
    onAt(most * Math.min(1, Math.max(0, (seconds - STILL_SECONDS) / long)));
    paint();
  }
  if (recorder.state !== "inactive") recorder.stop();
  await ended;
  if (failed) throw new Error("the browser gave up recording");
  return new Blob(parts, { type: TYPE });
}

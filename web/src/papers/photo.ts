/** Dots each way that are sent: the server keeps no more. */
const MOST_DOTS = 1600;

/** How a picture is drawn within the dots that are sent. */
export function within(width: number, height: number, most = MOST_DOTS): { width: number; height: number } {
  const scale = Math.min(1, most / Math.max(width, height));
  return { width: Math.max(1, Math.round(width * scale)), height: Math.max(1, Math.round(height * scale)) };
}

/** A photograph in base64, made small enough to be sent. */
export async function readPhoto(file: File): Promise<string> {
  const picture = await createImageBitmap(file, { imageOrientation: "from-image" }).catch(() => {
    throw new Error(`${file.name} is no picture that this browser can read; take a PNG or a JPEG.`);
  });
  const size = within(picture.width, picture.height);
  const canvas = document.createElement("canvas");
  canvas.width = size.width;
  canvas.height = size.height;
  canvas.getContext("2d")?.drawImage(picture, 0, 0, size.width, size.height);
  return canvas.toDataURL("image/jpeg", 0.9).split(",")[1] ?? "";
}

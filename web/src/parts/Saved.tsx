import { useRef, type ReactNode } from "react";
import { handOver } from "../state/handOver";
import { themeColour } from "./themeColour";

/** What is drawn with, besides where it lies. */
const DRAWN_WITH = [
  "fill",
  "fill-opacity",
  "stroke",
  "stroke-width",
  "stroke-opacity",
  "stroke-dasharray",
  "stroke-linecap",
  "font-family",
  "font-size",
  "font-weight",
  "text-anchor",
  "opacity",
  "paint-order",
];

/** Dots for each dot of the screen. */
const FINE = 3;

/** A drawing that stands by itself: every colour said, nothing left to a style sheet. */
function standalone(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const originals = [svg, ...svg.querySelectorAll("*")];
  [copy, ...copy.querySelectorAll("*")].forEach((element, i) => {
    const original = originals[i];
    if (!original) return;
    const style = getComputedStyle(original);
    for (const property of DRAWN_WITH) {
      const value = style.getPropertyValue(property);
      /* A pattern is called by its place in the drawing, which the browser writes out as an address. */
      if (value) element.setAttribute(property, value.replace(/url\("[^"]*#([^"]*)"\)/, "url(#$1)"));
    }
    element.removeAttribute("class");
  });
  const box = svg.getBoundingClientRect();
  copy.setAttribute("xmlns", "http://www.w3.org/2000/svg");
  copy.setAttribute("width", String(Math.round(box.width)));
  copy.setAttribute("height", String(Math.round(box.height)));
  return new XMLSerializer().serializeToString(copy);
}

const asAddress = (svg: string) => `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svg)}`;

async function asPng(svg: SVGSVGElement): Promise<string> {
  const box = svg.getBoundingClientRect();
  const image = new Image();
  image.src = asAddress(standalone(svg));
  await image.decode();
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(box.width * FINE);
  canvas.height = Math.round(box.height * FINE);
  const pen = canvas.getContext("2d");
  if (pen) {
    pen.fillStyle = themeColour("--raised");
    pen.fillRect(0, 0, canvas.width, canvas.height);
    pen.drawImage(image, 0, 0, canvas.width, canvas.height);
  }
  return canvas.toDataURL("image/png");
}

/** Around a drawing: it can be taken along, as lines or as a picture. */
export function Saved({ name, children }: { name: string; children: ReactNode }) {
  const around = useRef<HTMLDivElement>(null);
  const drawing = () => around.current?.querySelector<SVGSVGElement>("svg:not(.lucide)");
  return (
    <div ref={around} className="group relative">
      {children}
      <span className="no-print absolute right-1 bottom-1 flex gap-1 opacity-0 group-focus-within:opacity-100 group-hover:opacity-100">
        <button
          type="button"
          aria-label={`Save the drawing of ${name} as SVG`}
          className="bg-raised border-rule rounded border px-1.5 text-xs"
          onClick={() => {
            const svg = drawing();
            if (svg) handOver(asAddress(standalone(svg)), `${name}.svg`);
          }}
        >
          SVG
        </button>
        <button
          type="button"
          aria-label={`Save the drawing of ${name} as PNG`}
          className="bg-raised border-rule rounded border px-1.5 text-xs"
          onClick={() => {
            const svg = drawing();
            if (svg) void asPng(svg).then((png) => handOver(png, `${name}.png`));
          }}
        >
          PNG
        </button>
      </span>
    </div>
  );
}

import { useId } from "react";
import { photoAddress } from "../api/client";
import type { DrawerSheetContent, SheetPhoto } from "../api/types";
import { Pattern } from "../paper/PaperRegions";

interface SheetFillProps {
  /** mm */
  width: number;
  /** mm */
  height: number;
  colour: string;
  print: DrawerSheetContent["print"];
  photo?: SheetPhoto | null;
}

/** A sheet as it looks, in mm, its pattern's up at the top: to stand in an SVG of the sheet's size. */
export function SheetFill({ width, height, colour, print, photo }: SheetFillProps) {
  const id = useId().replace(/[^\w-]/g, "_");
  return (
    <>
      <defs>
        {print !== "PLAIN" && <Pattern id={id} paper={{ stock: "", colour, print }} up={0} />}
        <clipPath id={`${id}clip`}>
          <rect width={width} height={height} />
        </clipPath>
      </defs>
      <rect
        width={width}
        height={height}
        fill={print === "PLAIN" ? colour : `url(#${id})`}
        stroke="var(--edge)"
        vectorEffect="non-scaling-stroke"
      />
      {photo && (
        <g clipPath={`url(#${id}clip)`}>
          <image
            href={photoAddress(photo.id)}
            x={-photo.x}
            y={height - (photo.height - photo.y)}
            width={photo.width}
            height={photo.height}
            preserveAspectRatio="none"
          />
        </g>
      )}
    </>
  );
}

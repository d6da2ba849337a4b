import type { SVGProps } from "react";

interface DrawnProps extends SVGProps<SVGPathElement> {
  /** Of the box that it lies in, mm. */
  height: number;
}

/** What the server draws in mm, y down from the level of 0: its arcs stay arcs, its holes are left out. */
export function Drawn({ height, ...rest }: DrawnProps) {
  return <path fillRule="evenodd" transform={`translate(0 ${height})`} {...rest} />;
}

import { useRef, useState, type KeyboardEvent, type PointerEvent } from "react";
import type { Units } from "../api/types";

interface Shift {
  /** How far it has been moved, mm, y up. */
  dx: number;
  dy: number;
  isMoved: boolean;
  handlers: {
    onKeyDown(e: KeyboardEvent): void;
    onPointerDown(e: PointerEvent<SVGGElement>): void;
    onPointerMove(e: PointerEvent<SVGGElement>): void;
    onPointerUp(): void;
    onPointerCancel(): void;
  };
}

/**
 * Moves something in a drawing: dragged, or with the arrow keys and laid down with Enter; Escape puts it back.
 *
 * @param scale millimetres for a pixel, asked when it is taken
 */
export function useShift(units: Units, scale: () => number, onLay: (dx: number, dy: number) => void): Shift {
  const [shift, setShift] = useState<{ x: number; y: number } | null>(null);
  const from = useRef<{ x: number; y: number; scale: number } | null>(null);
  const dx = shift?.x ?? 0;
  const dy = shift?.y ?? 0;
  const lay = () => {
    setShift(null);
    from.current = null;
    if (dx !== 0 || dy !== 0) onLay(dx, dy);
  };
  return {
    dx,
    dy,
    isMoved: shift !== null,
    handlers: {
      onKeyDown(e) {
        const step = (e.shiftKey ? 8 : 1) * (units === "INCH" ? 25.4 / 8 : 2);
        const steps: Record<string, [number, number]> = {
          ArrowLeft: [-step, 0],
          ArrowRight: [step, 0],
          ArrowUp: [0, step],
          ArrowDown: [0, -step],
        };
        const by = steps[e.key];
        if (by) setShift({ x: dx + by[0], y: dy + by[1] });
        else if (e.key === "Enter" && shift) lay();
        else if (e.key === "Escape" && shift) setShift(null);
        else return;
        e.preventDefault();
        e.stopPropagation();
      },
      onPointerDown(e) {
        e.currentTarget.setPointerCapture(e.pointerId);
        from.current = { x: e.clientX, y: e.clientY, scale: scale() };
      },
      onPointerMove(e) {
        if (!from.current) return;
        const { x, y, scale: mm } = from.current;
        setShift({ x: (e.clientX - x) * mm, y: (y - e.clientY) * mm });
      },
      onPointerUp: lay,
      onPointerCancel() {
        from.current = null;
        setShift(null);
      },
    },
  };
}

package vantbreeze.e2e;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import org.assertj.core.data.Offset;
import org.junit.jupiter.api.Test;

/** The stand-in for a cutter reads a drawing as the browser draws it: the reference is Chromium's own geometry. */
class StandInTest extends Journey {

    private static final int DRAWINGS = 100;
    private static final int WITH_USES = 4;

    /** The browser is asked for 1,500 places of each line, so a corner is missed by a little. */
    private static final Offset<Double> CLOSE = within(0.3);

    /** Lengths and boxes of everything that is drawn, in mm from the drawing's corner. */
    private static final String MEASURED = """
            async svg => {
              const MM = 25.4 / 96, SAMPLES = 1500;
              const holder = document.createElement("div");
              holder.setAttribute("id", "measured");
              document.body.prepend(holder);
              holder.innerHTML = svg.replace(/style="[^"]*"/, `display="none"`); // inline styles are not allowed here
              const root = holder.firstElementChild;
              const at = root.getBoundingClientRect();
              const box = [Infinity, Infinity, -Infinity, -Infinity];
              const grow = (x, y) => {
                box[0] = Math.min(box[0], x); box[1] = Math.min(box[1], y);
                box[2] = Math.max(box[2], x); box[3] = Math.max(box[3], y);
              };
              let length = 0;
              for (const shape of root.querySelectorAll("path,line,rect,circle,ellipse,polyline,polygon")) {
                if (shape.closest("defs") || !shape.getScreenCTM() || getComputedStyle(shape).display === "none"
                    || shape.closest("[display=none]")) continue;
                const all = shape.getTotalLength(), to = shape.getScreenCTM();
                let before = null;
                for (let i = 0; i <= SAMPLES; i++) {
                  const p = shape.getPointAtLength(all * i / SAMPLES).matrixTransform(to);
                  const now = [(p.x - at.left) * MM, (p.y - at.top) * MM];
                  grow(...now);
                  if (before) length += Math.hypot(now[0] - before[0], now[1] - before[1]);
                  before = now;
                }
              }
              for (const use of root.querySelectorAll("use")) {
                const b = use.getBoundingClientRect();
                grow((b.left - at.left) * MM, (b.top - at.top) * MM);
                grow((b.right - at.left) * MM, (b.bottom - at.top) * MM);
              }
              holder.remove();
              const answer = await fetch("/api/cutter", {method: "POST", headers: {"Content-Type": "application/json"},
                body: JSON.stringify({svg, machine: null})});
              const run = await answer.json();
              if (!run.strokes) return [JSON.stringify(run)];
              const own = [Infinity, Infinity, -Infinity, -Infinity];
              let ownLength = 0;
              for (const stroke of run.strokes) stroke.points.forEach(([x, y], i) => {
                own[0] = Math.min(own[0], x); own[1] = Math.min(own[1], y);
                own[2] = Math.max(own[2], x); own[3] = Math.max(own[3], y);
                if (i > 0) ownLength += Math.hypot(x - stroke.points[i - 1][0], y - stroke.points[i - 1][1]);
              });
              return [length, ownLength, ...box, ...own, at.width * MM, run.width, at.height * MM, run.height];
            }""";

    @Test
    void aHundredDrawingsAreReadAsTheBrowserDrawsThem() {
        goTo("cutter");
        Drawings drawings = new Drawings(12);
        for (int i = 0; i < DRAWINGS; i++) {
            boolean usesAgain = i % WITH_USES == 0;
            String svg = drawings.drawing(usesAgain);
            List<?> measured = (List<?>) page.evaluate(MEASURED, svg);
            assertThat(measured).as(svg).hasSizeGreaterThan(1);
            double[] m = measured.stream()
                    .mapToDouble(n -> ((Number) n).doubleValue())
                    .toArray();
            if (!usesAgain) {
                assertThat(m[1]).as("length of " + svg).isCloseTo(m[0], within(0.3 + 0.002 * m[0]));
            }
            for (int side = 2; side < 6; side++) {
                assertThat(m[side + 4]).as("side %d of %s", side - 2, svg).isCloseTo(m[side], CLOSE);
            }
            assertThat(m[11]).as("width").isCloseTo(m[10], CLOSE);
            assertThat(m[13]).as("height").isCloseTo(m[12], CLOSE);
        }
    }
}

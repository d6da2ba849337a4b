package vantbreeze.server.export;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;
import vantbreeze.measure.UnitSystem;
import vantbreeze.server.cutting.CuttingJson;
import vantbreeze.server.plan.LengthJson.SizeJson;

class CutSvgTest {

    private static SizeJson size(double width, double height) {
        return SizeJson.of(new Size(Length.millimetres(width), Length.millimetres(height)), UnitSystem.METRIC);
    }

    private static CuttingJson.LaidJson strip(double y, double width, double height) {
        return new CuttingJson.LaidJson(
                "s",
                "s",
                "s",
                "",
                size(width, height),
                0,
                y,
                width,
                height,
                0,
                1,
                false,
                List.of(),
                List.of(),
                null,
                null,
                List.of());
    }

    /** 3/16 in is 4.7625 mm: half-way between two thousandths, where a sum and the number itself would part. */
    @Test
    void anEdgeThatTwoPartsShareIsCutOnce() {
        double high = 4.7625;
        CuttingJson.SheetCutJson sheet = new CuttingJson.SheetCutJson(
                1,
                "x",
                "x",
                false,
                0,
                size(300, 300),
                1,
                null,
                null,
                List.of(strip(0, 158.75, high), strip(high - 1e-12, 158.75, high)),
                List.of(),
                List.of(),
                1,
                List.of(),
                false);
        Matcher d = Pattern.compile(" d=\"M([^\"]*)\"").matcher(CutSvg.of(sheet, CutSvg.Perforation.NONE));
        double length = 0;
        while (d.find()) {
            String[] places = d.group(1).replace(" Z", "").split(" L");
            for (int i = 1; i < places.length; i++) {
                String[] a = places[i - 1].split(" ");
                String[] b = places[i].split(" ");
                length += Math.hypot(
                        Double.parseDouble(a[0]) - Double.parseDouble(b[0]),
                        Double.parseDouble(a[1]) - Double.parseDouble(b[1]));
            }
        }
        assertThat(length).isCloseTo(3 * 158.75 + 4 * high, within(0.01));
    }
}

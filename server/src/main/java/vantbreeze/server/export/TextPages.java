package vantbreeze.server.export;

import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;

/** Sets text on as many pages as it takes, never in smaller type. */
final class TextPages {

    private static final String STYLE = """
            @page { size: %.2fmm %.2fmm; margin: 14mm 14mm 16mm 14mm;
                    @bottom-right { content: counter(page); font-family: Plex; font-size: 9pt; } }
            body { font-family: Plex, Dejavu, Droid, Emoji; font-size: 10.5pt; line-height: 1.35; margin: 0; }
            h1 { font-size: 17pt; margin: 0 0 1mm 0; }
            h2 { font-size: 13pt; margin: 5mm 0 1.5mm 0; }
            p { margin: 0 0 1.5mm 0; }
            table { border-collapse: collapse; width: 100%%; }
            th { text-align: left; font-weight: bold; border-bottom: 0.4mm solid #000; padding: 0.8mm 3mm 0.8mm 0; }
            td { border-bottom: 0.15mm solid #999; padding: 0.8mm 3mm 0.8mm 0; vertical-align: top; }
            td.first { font-weight: bold; white-space: nowrap; width: 46mm; }
            ol, ul { margin: 0; padding-left: 7mm; }
            li { margin-bottom: 1.5mm; }
            .n { font-size: 9pt; vertical-align: 0.28em; line-height: 1; }
            .d { font-size: 9pt; line-height: 1; }
            """;

    private TextPages() {}

    /** @return a PDF of that text */
    static byte[] of(String title, Html html, Paper paper) {
        String page = "<html><head><title>%s</title><style>%s</style></head><body>%s</body></html>"
                .formatted(Html.escaped(title), STYLE.formatted(paper.widthMm(), paper.heightMm()), html.body());
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            PdfRendererBuilder builder = new PdfRendererBuilder();
            font(builder, "PlexSans-Regular", "Plex", 400);
            font(builder, "PlexSans-Bold", "Plex", 700);
            font(builder, "DejaVuSans", "Dejavu", 400);
            font(builder, "DroidSansFallback", "Droid", 400);
            font(builder, "NotoEmoji-Regular", "Emoji", 400);
            builder.useFastMode();
            builder.withHtmlContent(page, null);
            builder.toStream(out);
            builder.run();
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static void font(PdfRendererBuilder builder, String file, String family, int weight) {
        builder.useFont(() -> open(file), family, weight, FontStyle.NORMAL, true);
    }

    private static InputStream open(String file) {
        return TextPages.class.getResourceAsStream("/fonts/%s.ttf".formatted(file));
    }
}

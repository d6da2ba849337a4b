package vantbreeze.server.export;

import com.openhtmltopdf.bidi.support.ICUBidiReorderer;
import com.openhtmltopdf.bidi.support.ICUBidiSplitter;
import com.openhtmltopdf.bidi.support.ICUBreakers;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PDFontSupplier;
import com.openhtmltopdf.pdfboxout.PdfBoxRenderer;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import com.openhtmltopdf.util.XRLog;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.font.PDFont;
import vantbreeze.server.type.Typesetter;

/** Sets text on as many pages as it takes, never in smaller type. */
final class TextPages {

    /** A word wider than its column must be able to break. */
    private static final String STYLE = """
            @page { size: %.2fmm %.2fmm; margin: 14mm; }
            body { font-family: PlexSans-Regular, DejaVuSans, DroidSansFallback, NotoEmoji-Regular; font-size: 10pt; line-height: 1.4; margin: 0;
                   word-wrap: break-word; }
            h2 { font-size: 12.5pt; margin: 5mm 0 1.5mm 0; page-break-after: avoid; }
            p { margin: 0 0 1.2mm 0; }
            table { border-collapse: collapse; margin-bottom: 1.5mm; }
            th { text-align: left; font-weight: bold; }
            th, td { border-bottom: 0.1mm solid #999; padding: 0.6mm 4mm 0.6mm 0; vertical-align: top; }
            ol, ul { margin: 0; padding-left: 8mm; }
            li { margin-bottom: 1.2mm; }
            .size { white-space: nowrap; width: 38mm; }
            .n { font-size: 8pt; vertical-align: 0.28em; line-height: 1; }
            .d { font-size: 8pt; line-height: 1; }
            """;

    static {
        XRLog.setLoggingEnabled(false);
    }

    private TextPages() {}

    /** Adds them after the pages that are there. */
    static void add(PDDocument document, Typesetter<PDFont> fonts, Html html, Paper paper) {
        String page = "<html><head><style>%s</style></head><body>%s</body></html>"
                .formatted(STYLE.formatted(paper.widthMm(), paper.heightMm()), html.body());
        PdfRendererBuilder builder = new PdfRendererBuilder();
        builder.usePDDocument(document);
        builder.withProducer("Vantbreeze");
        /* Our own fonts alone: those of the machine would be looked for otherwise. */
        builder.usePdfAConformance(PdfRendererBuilder.PdfAConformance.PDFA_2_B);
        fonts.families()
                .forEach(f -> builder.useFont(
                        new PDFontSupplier(f.font()), f.name(), f.bold() ? 700 : 400, FontStyle.NORMAL, true));
        /* Unicode Standard Annex 14: no line ends within 43.5. */
        builder.useUnicodeLineBreaker(new ICUBreakers.ICULineBreaker(Locale.ENGLISH));
        builder.useUnicodeBidiSplitter(new ICUBidiSplitter.ICUBidiSplitterFactory());
        builder.useUnicodeBidiReorderer(new ICUBidiReorderer());
        builder.withHtmlContent(page, null);
        try (PdfBoxRenderer renderer = builder.buildPdfRenderer()) {
            renderer.layout();
            renderer.createPDFWithoutClosing();
            /* It says that the whole document is PDF/A, which nobody has looked at. */
            document.getDocumentCatalog().setMetadata(null);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

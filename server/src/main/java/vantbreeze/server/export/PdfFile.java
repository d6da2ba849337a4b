package vantbreeze.server.export;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import org.apache.pdfbox.pdmodel.PDDocument;

/** A printed document, from its opening to its bytes. */
final class PdfFile {

    private PdfFile() {}

    /** What draws its pages. */
    interface Pages {
        void into(PDDocument document) throws IOException;
    }

    /** @param title what a reader's window is called */
    static byte[] of(String title, Pages pages) {
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            pages.into(document);
            document.getDocumentInformation().setTitle(title);
            document.save(out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

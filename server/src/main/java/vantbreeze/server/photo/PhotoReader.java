package vantbreeze.server.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Iterator;
import java.util.Locale;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import net.coobird.thumbnailator.Thumbnails;

/** Makes a picture anew from its dots alone: nothing else that the file may hold is kept. */
final class PhotoReader {

    private static final Set<String> FORMATS = Set.of("png", "jpeg");

    /** Larger ones are not even begun to be read. */
    static final int MOST_DOTS = 8000;

    /** What is kept is no larger each way. */
    static final int KEPT_DOTS = 1600;

    private static final double QUALITY = 0.85;

    private PhotoReader() {}

    /** @param type as HTTP names it */
    record Image(String type, int wide, int high, byte[] bytes) {}

    /** @throws IllegalArgumentException if it is no PNG or JPEG, or too large */
    static Image read(String base64) {
        byte[] sent;
        try {
            sent = Base64.getDecoder().decode(base64);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("The picture must be sent in base64.", e);
        }
        try (ImageInputStream in = ImageIO.createImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw unknown();
            }
            ImageReader reader = readers.next();
            try {
                if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    throw unknown();
                }
                reader.setInput(in, true, true);
                int wide = reader.getWidth(0);
                int high = reader.getHeight(0);
                if (wide > MOST_DOTS || high > MOST_DOTS || wide < 2 || high < 2) {
                    throw new IllegalArgumentException("The picture (%d × %d dots) must have 2 to %d dots each way."
                            .formatted(wide, high, MOST_DOTS));
                }
                return anew(reader.read(0));
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException | NegativeArraySizeException e) {
            throw new IllegalArgumentException("The picture cannot be read: the file is damaged.", e);
        }
    }

    private static Image anew(BufferedImage image) throws IOException {
        double scale = Math.min(1, (double) KEPT_DOTS / Math.max(image.getWidth(), image.getHeight()));
        BufferedImage kept = Thumbnails.of(image)
                .scale(scale)
                .imageType(BufferedImage.TYPE_INT_RGB)
                .asBufferedImage();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(kept).scale(1).outputFormat("jpg").outputQuality(QUALITY).toOutputStream(out);
        return new Image("image/jpeg", kept.getWidth(), kept.getHeight(), out.toByteArray());
    }

    private static IllegalArgumentException unknown() {
        return new IllegalArgumentException("The picture must be a PNG or a JPEG.");
    }
}

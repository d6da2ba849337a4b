package vantbreeze.server.photo;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Iterator;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import javax.imageio.ImageIO;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadProgressListener;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import net.coobird.thumbnailator.Thumbnails;
import net.coobird.thumbnailator.filters.ImageFilter;
import net.coobird.thumbnailator.util.exif.ExifFilterUtils;
import net.coobird.thumbnailator.util.exif.ExifUtils;
import net.coobird.thumbnailator.util.exif.Orientation;
import vantbreeze.structure.Effort;

/**
 * Makes a picture anew from its dots alone: nothing else that the file may hold is kept. Of a large one no more dots are read
 * than are needed, and one that would be gone over too often is refused before it is begun.
 */
final class PhotoReader {

    /** As HTTP names what is kept. */
    static final String TYPE = "image/jpeg";

    private static final Set<String> FORMATS = Set.of("png", "jpeg");

    /** Larger ones are not even begun to be read. */
    static final int MOST_DOTS = 8000;

    /** What is kept is no larger each way. */
    static final int KEPT_DOTS = 1600;

    /** A JPEG of several scans is held whole, outside the heap, in 2 bytes for each of 3 components. */
    private static final long MOST_DOTS_HELD = 25_000_000;

    /** Dots times scans. Some ten scans are usual. */
    private static final long MOST_DOTS_READ = 250_000_000;

    private static final int LEAST_DOTS = 2;
    private static final double QUALITY = 0.85;

    private PhotoReader() {}

    /** @param type as HTTP names it */
    record Image(String type, int wide, int high, byte[] bytes) {}

    /** @throws IllegalArgumentException if it is no PNG or JPEG, too large or too much work */
    static Image read(String base64) {
        byte[] sent;
        try {
            sent = Base64.getDecoder().decode(base64);
        } catch (IllegalArgumentException e) {
            throw new IllegalArgumentException("The picture must be sent in base64.", e);
        }
        return read(sent);
    }

    /** @throws IllegalArgumentException if it is no PNG or JPEG, too large or too much work */
    static Image read(byte[] sent) {
        JpegMarkers.of(sent).ifPresent(PhotoReader::requireLittleWork);
        try (ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(sent))) {
            Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
            if (!readers.hasNext()) {
                throw unknown();
            }
            ImageReader reader = readers.next();
            try {
                if (!FORMATS.contains(reader.getFormatName().toLowerCase(Locale.ROOT))) {
                    throw unknown();
                }
                reader.setInput(in, false, false);
                Orientation orientation = orientation(reader);
                return anew(dots(reader), orientation);
            } finally {
                reader.dispose();
            }
        } catch (IOException | IndexOutOfBoundsException | NegativeArraySizeException e) {
            throw new IllegalArgumentException("The picture cannot be read: the file is damaged.", e);
        }
    }

    private static void requireLittleWork(JpegMarkers jpeg) {
        long dots = (long) jpeg.wide() * jpeg.high();
        if (jpeg.scans() > 1 && (dots > MOST_DOTS_HELD || dots * jpeg.scans() > MOST_DOTS_READ)) {
            throw new IllegalArgumentException(
                    "The picture (%d × %d dots in %,d scans) is too much work to read: save it smaller, or as a JPEG that is not progressive."
                            .formatted(jpeg.wide(), jpeg.high(), jpeg.scans()));
        }
    }

    /** Every so many dots of a large picture, at least twice as fine as they are kept. */
    private static BufferedImage dots(ImageReader reader) throws IOException {
        int wide = reader.getWidth(0);
        int high = reader.getHeight(0);
        if (wide > MOST_DOTS || high > MOST_DOTS || wide < LEAST_DOTS || high < LEAST_DOTS) {
            throw new IllegalArgumentException("The picture (%d × %d dots) must have %d to %d dots each way."
                    .formatted(wide, high, LEAST_DOTS, MOST_DOTS));
        }
        ImageReadParam wanted = reader.getDefaultReadParam();
        int every = Math.max(1, Math.max(wide, high) / (2 * KEPT_DOTS));
        wanted.setSourceSubsampling(every, every, 0, 0);
        GivenUp givenUp = new GivenUp();
        reader.addIIOReadProgressListener(givenUp);
        BufferedImage read = reader.read(0, wanted);
        givenUp.tell();
        return read;
    }

    private static Orientation orientation(ImageReader reader) {
        try {
            return Optional.ofNullable(ExifUtils.getExifOrientation(reader, 0)).orElse(Orientation.TOP_LEFT);
        } catch (IOException | RuntimeException e) {
            /* Without metadata that can be read it lies as its dots do. */
            return Orientation.TOP_LEFT;
        }
    }

    private static Image anew(BufferedImage image, Orientation orientation) throws IOException {
        double scale = Math.min(1, (double) KEPT_DOTS / Math.max(image.getWidth(), image.getHeight()));
        ImageFilter upright = ExifFilterUtils.getFilterForOrientation(orientation);
        BufferedImage kept = upright.apply(Thumbnails.of(image)
                .scale(scale)
                .imageType(BufferedImage.TYPE_INT_RGB)
                .asBufferedImage());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Thumbnails.of(kept)
                .scale(1)
                .imageType(BufferedImage.TYPE_INT_RGB)
                .outputFormat("jpg")
                .outputQuality(QUALITY)
                .toOutputStream(out);
        return new Image(TYPE, kept.getWidth(), kept.getHeight(), out.toByteArray());
    }

    private static IllegalArgumentException unknown() {
        return new IllegalArgumentException("The picture must be a PNG or a JPEG.");
    }

    /** Ends the reading when nobody waits for it. The reader is native in part: nothing may be thrown through it. */
    private static final class GivenUp implements IIOReadProgressListener {

        private RuntimeException why;

        @Override
        public void imageProgress(ImageReader reader, float percent) {
            try {
                Effort.spend(1);
            } catch (Effort.GivenUp | Effort.TooMuch e) {
                why = e;
                reader.abort();
            }
        }

        void tell() {
            if (why != null) {
                throw why;
            }
        }

        @Override
        public void imageStarted(ImageReader reader, int index) {}

        @Override
        public void imageComplete(ImageReader reader) {}

        @Override
        public void readAborted(ImageReader reader) {}

        @Override
        public void sequenceStarted(ImageReader reader, int least) {}

        @Override
        public void sequenceComplete(ImageReader reader) {}

        @Override
        public void thumbnailStarted(ImageReader reader, int index, int thumbnail) {}

        @Override
        public void thumbnailProgress(ImageReader reader, float percent) {}

        @Override
        public void thumbnailComplete(ImageReader reader) {}
    }
}

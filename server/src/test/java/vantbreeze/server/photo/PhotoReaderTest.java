package vantbreeze.server.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageWriteParam;
import javax.imageio.ImageWriter;
import javax.imageio.stream.ImageOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Pictures made anew: as they were sent, without more memory or work than they are worth. */
class PhotoReaderTest {

    private static final int RED = 0xffcc2200;
    private static final int BLUE = 0xff0022cc;
    private static final int START_OF_SCAN = 0xda;

    /** Left half red, right half blue. */
    private static BufferedImage halves(int wide, int high, int type) {
        BufferedImage image = new BufferedImage(wide, high, type);
        Graphics2D pen = image.createGraphics();
        pen.setColor(new Color(RED));
        pen.fillRect(0, 0, wide / 2, high);
        pen.setColor(new Color(BLUE));
        pen.fillRect(wide / 2, 0, wide - wide / 2, high);
        pen.dispose();
        return image;
    }

    private static byte[] file(BufferedImage image, String format, boolean progressive) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        ImageWriter writer = ImageIO.getImageWritersByFormatName(format).next();
        try (ImageOutputStream to = ImageIO.createImageOutputStream(out)) {
            ImageWriteParam how = writer.getDefaultWriteParam();
            if (progressive) {
                how.setProgressiveMode(ImageWriteParam.MODE_DEFAULT);
            }
            writer.setOutput(to);
            writer.write(null, new IIOImage(image, null, null), how);
        } finally {
            writer.dispose();
        }
        return out.toByteArray();
    }

    private static BufferedImage shown(PhotoReader.Image image) throws IOException {
        return ImageIO.read(new ByteArrayInputStream(image.bytes()));
    }

    private static boolean isRed(int rgb) {
        Color colour = new Color(rgb);
        return colour.getRed() > 120 && colour.getBlue() < 100;
    }

    /** The heap of the tests would not hold their dots: 8000 x 8000 are 256 MB as they are drawn. */
    @ParameterizedTest
    @ValueSource(strings = {"png", "jpeg"})
    void theLargestIsReadByFewerDots(String format) throws IOException {
        byte[] large = file(halves(8000, 8000, BufferedImage.TYPE_BYTE_GRAY), format, false);
        PhotoReader.Image kept = PhotoReader.read(large);
        assertThat(kept.wide()).isEqualTo(PhotoReader.KEPT_DOTS);
        assertThat(kept.high()).isEqualTo(PhotoReader.KEPT_DOTS);
        BufferedImage shown = shown(kept);
        assertThat(new Color(shown.getRGB(400, 800)).getRed())
                .isNotEqualTo(new Color(shown.getRGB(1200, 800)).getRed());
    }

    @ParameterizedTest
    @ValueSource(booleans = {true, false})
    void coloursStayWhereTheyAre(boolean progressive) throws IOException {
        for (int[] size : new int[][] {{2, 2}, {40, 30}, {1601, 900}, {3300, 2000}}) {
            BufferedImage shown = shown(
                    PhotoReader.read(file(halves(size[0], size[1], BufferedImage.TYPE_INT_RGB), "jpeg", progressive)));
            assertThat(Math.max(shown.getWidth(), shown.getHeight())).isEqualTo(Math.min(1600, size[0]));
            if (size[0] > 2) {
                assertThat(isRed(shown.getRGB(shown.getWidth() / 4, shown.getHeight() / 2)))
                        .isTrue();
                assertThat(isRed(shown.getRGB(shown.getWidth() * 3 / 4, shown.getHeight() / 2)))
                        .isFalse();
            }
        }
    }

    /** The last scan once more, and again: the file stays small and is gone over a thousand times. */
    private static byte[] ofScans(byte[] progressive, int scans) throws IOException {
        int last = 0;
        for (int i = 0; i + 1 < progressive.length; i++) {
            if ((progressive[i] & 0xff) == 0xff && (progressive[i + 1] & 0xff) == START_OF_SCAN) {
                last = i;
            }
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.write(progressive, 0, last);
        byte[] scan = Arrays.copyOfRange(progressive, last, progressive.length - 2);
        for (int i = 0; i < scans; i++) {
            out.write(scan);
        }
        out.write(progressive, progressive.length - 2, 2);
        return out.toByteArray();
    }

    @Test
    void manyScansAreRefusedBeforeTheyAreBegun() throws IOException {
        byte[] usual = file(halves(2000, 1500, BufferedImage.TYPE_INT_RGB), "jpeg", true);
        assertThat(PhotoReader.read(usual).wide()).isEqualTo(1600);
        byte[] many = ofScans(usual, 1000);
        assertThat(JpegMarkers.of(many).orElseThrow().scans()).isGreaterThan(1000);
        assertThatThrownBy(() -> PhotoReader.read(many))
                .isInstanceOf(IllegalArgumentException.class)
                .hasMessageContaining("2000 × 1500 dots in 1,0")
                .hasMessageContaining("save it smaller");
    }

    /** A frame of 8000 x 8000 dots whose scans are cut off: small to send, large to hold. */
    @Test
    void aLargeProgressiveFrameIsRefused() throws IOException {
        byte[] small = file(halves(64, 64, BufferedImage.TYPE_INT_RGB), "jpeg", true);
        for (int i = 0; i + 8 < small.length; i++) {
            if ((small[i] & 0xff) == 0xff && (small[i + 1] & 0xff) == 0xc2) {
                small[i + 5] = small[i + 7] = (byte) (8000 >> 8);
                small[i + 6] = small[i + 8] = (byte) 8000;
            }
        }
        assertThatThrownBy(() -> PhotoReader.read(small)).hasMessageContaining("too much work to read");
    }

    /** Orientation as cameras write it, without a JFIF header or after it (Exif 2.32, tag 0x0112, from memory): 6 is a quarter turn to the right. */
    @Test
    void aPictureStandsAsTheCameraWasHeld() throws IOException {
        byte[] lying = file(halves(400, 200, BufferedImage.TYPE_INT_RGB), "jpeg", false);
        byte[] exif = {
            (byte) 0xff,
            (byte) 0xe1,
            0,
            34,
            'E',
            'x',
            'i',
            'f',
            0,
            0,
            'M',
            'M',
            0,
            42,
            0,
            0,
            0,
            8,
            0,
            1,
            1,
            0x12,
            0,
            3,
            0,
            0,
            0,
            1,
            0,
            6,
            0,
            0,
            0,
            0,
            0,
            0
        };
        int afterJfif = 4 + ((lying[4] & 0xff) << 8 | lying[5] & 0xff);
        for (int jfifEnds : new int[] {2, afterJfif}) {
            ByteArrayOutputStream turned = new ByteArrayOutputStream();
            turned.write(lying, 0, jfifEnds);
            turned.write(exif);
            turned.write(lying, afterJfif, lying.length - afterJfif);
            BufferedImage shown = shown(PhotoReader.read(turned.toByteArray()));
            assertThat(shown.getWidth()).isEqualTo(200);
            assertThat(shown.getHeight()).isEqualTo(400);
            assertThat(isRed(shown.getRGB(100, 50)))
                    .as("the left half is above")
                    .isTrue();
            assertThat(isRed(shown.getRGB(100, 350))).isFalse();
        }
    }

    /** What is made here holds nothing but a picture; anything put into it shows. */
    @Test
    void whatIsMadeHereIsPlain() throws IOException {
        byte[] made = PhotoReader.read(file(halves(90, 60, BufferedImage.TYPE_INT_RGB), "png", false))
                .bytes();
        assertThat(JpegMarkers.of(made).orElseThrow()).isEqualTo(new JpegMarkers(90, 60, 1, true));
        ByteArrayOutputStream after = new ByteArrayOutputStream();
        after.write(made);
        after.write("<script>alert(1)</script>".getBytes(StandardCharsets.US_ASCII));
        assertThat(JpegMarkers.of(after.toByteArray()).orElseThrow().isPlain()).isFalse();
        ByteArrayOutputStream comment = new ByteArrayOutputStream();
        comment.write(made, 0, 2);
        comment.write(new byte[] {(byte) 0xff, (byte) 0xfe, 0, 6, '<', 'a', '>', '.'});
        comment.write(made, 2, made.length - 2);
        assertThat(JpegMarkers.of(comment.toByteArray()).orElseThrow().isPlain())
                .isFalse();
        assertThat(JpegMarkers.of("<html>".getBytes(StandardCharsets.US_ASCII))).isEmpty();
    }

    @Test
    void whatIsNoPictureIsRefused() {
        assertThatThrownBy(() -> PhotoReader.read("GIF89a".getBytes(StandardCharsets.US_ASCII)))
                .hasMessage("The picture must be a PNG or a JPEG.");
        assertThatThrownBy(() -> PhotoReader.read("no base 64 !")).hasMessageContaining("base64");
    }
}

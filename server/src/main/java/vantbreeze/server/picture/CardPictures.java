package vantbreeze.server.picture;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.imageio.ImageIO;
import vantbreeze.fold.Standing;
import vantbreeze.layer.Face;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.plan.Look;
import vantbreeze.plan.Plan;

/** Pictures of a card as PNG (ISO/IEC 15948): a small one for lists, and a large one to show to others. */
final class CardPictures {

    /** Twice what is shown, for screens with small dots. */
    static final int SMALL_WIDTH = 320;

    static final int SMALL_HEIGHT = 200;
    static final int SHARE_WIDTH = 1600;
    static final int SHARE_HEIGHT = 900;

    private static final Color GROUND = new Color(0xfa, 0xf5, 0xea);
    private static final Color INK = new Color(0x26, 0x21, 0x1a);
    private static final Color QUIET = new Color(0x62, 0x58, 0x4a);
    private static final int MOST_LOOKS = 3;

    private static final Lettering.Style TITLE = new Lettering.Style(46, true);
    private static final Lettering.Style USUAL = new Lettering.Style(28, false);

    private CardPictures() {}

    /** The card closed, and beside it as it stands or lies open, all to one scale; nothing behind it. */
    static byte[] small(List<Look> looks) {
        BufferedImage image = new BufferedImage(SMALL_WIDTH, SMALL_HEIGHT, BufferedImage.TYPE_INT_ARGB);
        Graphics2D out = image.createGraphics();
        row(new CardPainter(out), chosen(looks, 2), 6, 6, SMALL_WIDTH - 12, SMALL_HEIGHT - 12);
        out.dispose();
        return png(image);
    }

    /** Closed, opened and displayed side by side with what they are and how large. */
    static byte[] share(String name, Plan plan, List<Look> looks, Optional<Standing> standing) {
        BufferedImage image = new BufferedImage(SHARE_WIDTH, SHARE_HEIGHT, BufferedImage.TYPE_INT_RGB);
        Graphics2D out = image.createGraphics();
        CardPainter painter = new CardPainter(out);
        out.setColor(GROUND);
        out.fillRect(0, 0, SHARE_WIDTH, SHARE_HEIGHT);
        out.setColor(INK);
        Lettering text = new Lettering(out);
        text.write(text.fitting(name, TITLE, SHARE_WIDTH - 120), TITLE, 60, 90);
        out.setColor(QUIET);
        Ruler ruler = plan.brief().ruler();
        String closed = plan.closed() == null
                ? ""
                : ", closed " + ruler.text(plan.closed().size());
        text.write(plan.brief().fold().name() + closed, USUAL, 60, 136);
        List<Look> shown = chosen(looks, MOST_LOOKS);
        List<double[]> places = row(painter, shown, 60, 170, SHARE_WIDTH - 120, SHARE_HEIGHT - 280);
        for (int i = 0; i < shown.size(); i++) {
            Look look = shown.get(i);
            out.setColor(INK);
            text.centred(said(look), USUAL, places.get(i)[0], SHARE_HEIGHT - 70);
            out.setColor(QUIET);
            text.centred(size(look, standing, ruler), USUAL, places.get(i)[0], SHARE_HEIGHT - 34);
        }
        out.dispose();
        return png(image);
    }

    /** What lies is as large as its picture; what stands is seen from before it and a little above. */
    private static String size(Look look, Optional<Standing> standing, Ruler ruler) {
        if (look.moment().how() == Face.Seen.DISPLAYED) {
            return standing.map(s -> "%s wide, %s high, %s deep"
                            .formatted(ruler.about(s.width()), ruler.about(s.height()), ruler.about(s.depth())))
                    .orElse("");
        }
        return "%s × %s"
                .formatted(
                        ruler.about(Length.nearestTo(look.box().getWidth())),
                        ruler.about(Length.nearestTo(look.box().getHeight())));
    }

    private static String said(Look look) {
        return switch (look.moment().how()) {
            case CLOSED -> "closed";
            case BEHIND -> "from behind";
            case OPENED, OPENING -> "opened";
            case DISPLAYED -> "displayed";
            case ASIDE -> "from the side";
        };
    }

    /** Closed first, then what the recipient sees next; from behind is for nobody. */
    private static List<Look> chosen(List<Look> looks, int most) {
        List<Look> chosen = new ArrayList<>();
        looks.stream()
                .filter(l -> l.moment().how() == Face.Seen.CLOSED)
                .findFirst()
                .ifPresent(chosen::add);
        looks.stream()
                .filter(l ->
                        l.moment().how() == Face.Seen.DISPLAYED || l.moment().how() == Face.Seen.OPENED)
                .limit(most - 1L)
                .forEach(chosen::add);
        return chosen;
    }

    /** @return for each the middle, in dots from the left */
    private static List<double[]> row(
            CardPainter painter, List<Look> looks, double left, double top, double width, double height) {
        double gap = width * 0.05;
        double wide = looks.stream().mapToDouble(l -> l.box().getWidth()).sum();
        double high = looks.stream().mapToDouble(l -> l.box().getHeight()).max().orElse(1);
        double counts = Math.min((width - gap * (looks.size() - 1)) / wide, height / high);
        double scale = counts * Length.COUNTS_PER_MILLIMETRE;
        double x = left + (width - wide * counts - gap * (looks.size() - 1)) / 2;
        double bottom = top + (height + high * counts) / 2;
        List<double[]> middles = new ArrayList<>();
        for (Look look : looks) {
            painter.paint(look, x, bottom, scale);
            middles.add(new double[] {x + look.box().getWidth() * counts / 2});
            x += look.box().getWidth() * counts + gap;
        }
        return middles;
    }

    private static byte[] png(BufferedImage image) {
        try (ByteArrayOutputStream out = new ByteArrayOutputStream()) {
            ImageIO.write(image, "png", out);
            return out.toByteArray();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package vantbreeze.server.export;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import vantbreeze.server.export.TemplatePdf.Template;

/**
 * Puts pieces on pages in rows, the highest first, each in the first row with room for it (first fit decreasing height: Coffman,
 * Garey, Johnson and Tarjan 1980).
 */
final class Shelves {

    /** Beside a piece, and below it for its name. */
    static final double GAP_MM = 5;

    private final double width;
    private final double height;
    private final List<Page> pages = new ArrayList<>();

    private Shelves(double width, double height) {
        this.width = width;
        this.height = height;
    }

    /**
     * A piece on a page.
     *
     * @param x of its left edge from the left of the room, mm
     * @param y of its lower edge from the bottom of the room, mm
     */
    record Place(Template template, double x, double y) {}

    private static final class Row {
        private final double bottom;
        private final double height;
        private double right;

        Row(double bottom, double height) {
            this.bottom = bottom;
            this.height = height;
        }
    }

    private static final class Page {
        private final List<Row> rows = new ArrayList<>();
        private final List<Place> places = new ArrayList<>();
        private double top;
    }

    /** Pages of templates, each of which fits into the room by itself. */
    static List<List<Place>> of(List<Template> templates, double width, double height) {
        Shelves shelves = new Shelves(width, height);
        templates.stream()
                .sorted(Comparator.comparingDouble(
                        (Template t) -> -t.piece().size().height().millimetres()))
                .forEach(shelves::put);
        return shelves.pages.stream().map(p -> List.copyOf(p.places)).toList();
    }

    private void put(Template template) {
        for (Page page : pages) {
            if (isPut(template, page)) {
                return;
            }
        }
        Page page = new Page();
        pages.add(page);
        if (!isPut(template, page)) {
            throw new IllegalArgumentException("The piece (%s) is larger than the page.".formatted(template.name()));
        }
    }

    private boolean isPut(Template template, Page page) {
        double wide = template.piece().size().width().millimetres();
        double high = template.piece().size().height().millimetres();
        for (Row row : page.rows) {
            if (row.right + GAP_MM + wide <= width && high <= row.height) {
                page.places.add(new Place(template, row.right + GAP_MM, row.bottom));
                row.right += GAP_MM + wide;
                return true;
            }
        }
        double bottom = page.rows.isEmpty() ? 0 : page.top + GAP_MM;
        if (bottom + high > height || wide > width) {
            return false;
        }
        Row row = new Row(bottom, high);
        row.right = wide;
        page.rows.add(row);
        page.top = bottom + high;
        page.places.add(new Place(template, 0, bottom));
        return true;
    }
}

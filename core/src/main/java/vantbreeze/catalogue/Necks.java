package vantbreeze.catalogue;

import vantbreeze.structure.Silhouette;

/** Outlines with places too narrow to last. */
final class Necks {

    private Necks() {}

    static Caution caution(String panel, String outline) {
        return new Caution(
                panel,
                (ruler, sheet) ->
                        "At this size the %s has a neck narrower than %s, which tears: make it larger, or take another outline."
                                .formatted(outline, ruler.text(Silhouette.NECK)));
    }
}

package vantbreeze.plan;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import vantbreeze.layer.Anchor;
import vantbreeze.layer.Closure;
import vantbreeze.layer.Ends;
import vantbreeze.layer.Face;
import vantbreeze.layer.Finish;
import vantbreeze.layer.Holder;
import vantbreeze.layer.Laid;
import vantbreeze.layer.Matting;
import vantbreeze.layer.MessageRoom;
import vantbreeze.layer.Ornament;
import vantbreeze.layer.Wrapped;
import vantbreeze.material.Paper;
import vantbreeze.material.Print;
import vantbreeze.measure.Length;
import vantbreeze.measure.Size;

/** Proposes changes to what is laid on the panels. */
final class LayerFixes {

    private final Plan plan;
    private final Brief brief;
    private final List<Snag.Fix> proposed = new ArrayList<>();

    private LayerFixes(Plan plan) {
        this.plan = plan;
        this.brief = plan.brief();
    }

    /** @return changes that may mend the snag, not tried yet */
    static List<Snag.Fix> of(Plan plan, Snag snag) {
        LayerFixes fixes = new LayerFixes(plan);
        String id = snag.place().id();
        switch (snag.code()) {
            case UPSIDE_DOWN -> fixes.upright(id);
            case SHOWS_THROUGH -> fixes.cover(id);
            case NO_MESSAGE_ROOM -> fixes.writingMat();
            case CLOSURE_UNFIT ->
                fixes.add("Use a belt", plan.brief().withClosure(new Closure(Closure.Kind.BELT, Optional.empty())));
            default -> fixes.ornament(snag.code(), id);
        }
        return fixes.proposed;
    }

    private void add(String label, Brief changed) {
        proposed.add(new Snag.Fix(label, changed));
    }

    private void upright(String panel) {
        Matting matting = brief.matting();
        for (Face face : plan.faces()) {
            if (face.panel().name().equals(panel) && matting.on(face).turned()) {
                Finish turned = matting.on(face).turnedRound();
                add("Turn the mat on the " + face.label(), brief.withMatting(matting.with(face, turned)));
            }
        }
        add("Use patterns without an up", brief.withMatting(matting.withEach(LayerFixes::scattered)));
    }

    private static Paper scattered(Paper paper) {
        return paper.print().hasUp() ? paper.with(Print.SCATTERED) : paper;
    }

    private void cover(String panel) {
        for (Face face : plan.faces()) {
            if (face.panel().name().equals(panel)) {
                add(
                        "Lay a mat on the " + face.label(),
                        brief.withMatting(brief.matting().with(face, Finish.mats(1))));
            }
        }
    }

    /** Behind first: it takes nothing from what is shown. */
    private void writingMat() {
        plan.faces().stream()
                .filter(MessageRoom::isReached)
                .filter(this::isLargeEnoughToWriteOn)
                .filter(f -> !plan.structure().isGlued(f.panel(), f.side()))
                .sorted(Comparator.comparing((Face f) -> !f.seen().equals(java.util.Set.of(Face.Seen.BEHIND)))
                        .thenComparing(
                                Comparator.comparingDouble((Face f) -> f.panel().squareMillimetres())
                                        .reversed()))
                .forEach(f -> add(
                        "Add a writing mat on the " + f.label(),
                        brief.withMatting(
                                brief.matting().with(f, brief.matting().on(f).withNote()))));
        plan.faces().stream()
                .filter(f -> MessageRoom.isReached(f) && !f.seen().contains(Face.Seen.BEHIND))
                .sorted(Comparator.comparingDouble((Face f) -> f.panel().squareMillimetres())
                        .reversed())
                .limit(1)
                .forEach(f -> proposed.add(
                        Math.min(1, proposed.size()),
                        new Snag.Fix("Glue a writing card on the " + f.label(), brief.with("writing", f.label()))));
    }

    /** Whether a mat on top of all others there would still have room; the panel's outline may leave less. */
    private boolean isLargeEnoughToWriteOn(Face face) {
        Matting matting = brief.matting();
        Length border = IntStream.rangeClosed(1, matting.on(face).mats() + 1)
                .mapToObj(mat -> matting.step(face, mat))
                .reduce(Length.ZERO, Length::plus);
        Size box = face.panel().box();
        Length width = box.width().minus(border.times(2));
        Length height = box.height().minus(border.times(2));
        return width.isPositive() && height.isPositive() && MessageRoom.isEnough(new Size(width, height));
    }

    private void ornament(Snag.Code code, String name) {
        Optional<Ornament> found =
                brief.ornaments().stream().filter(o -> o.name().equals(name)).findFirst();
        if (found.isEmpty()) {
            return;
        }
        Ornament ornament = found.get();
        switch (code) {
            case ORNAMENT_HOMELESS ->
                plan.faces().stream()
                        .filter(Face::isDressed)
                        .findFirst()
                        .ifPresent(f -> change("Put it on the " + f.label(), ornament.on(f.key())));
            case ORNAMENT_TOO_LOW -> change("Let foam lift it as high as it must", ornament.lifted(Optional.empty()));
            case ORNAMENT_STICKS_PANELS -> {
                String panel = panelName(ornament);
                change("Glue it on the %s only".formatted(panel), ornament.glued(Ornament.Glue.OWN_PANEL));
                inside(ornament).ifPresent(o -> change("Move it onto the " + panel, o));
            }
            case ORNAMENT_BLOCKS_FOLD, ORNAMENT_COLLIDES, ORNAMENT_STICKS_OUT, ORNAMENT_ABOVE -> {
                inside(ornament).ifPresent(o -> change("Move it onto the " + panelName(ornament), o));
                change("Trim it flush with the edge of the " + panelName(ornament), ornament.trimmedFlush());
            }
            case ORNAMENT_THROUGH_FOLD -> {
                change(
                        "Run it around the mat of the " + panelName(ornament),
                        ornament.held(new Wrapped(Holder.MAT, Ends.TAPED)));
                change("Cut it off at the edges and glue it on", ornament.glued(Ornament.Glue.OWN_PANEL));
            }
            case ORNAMENT_HOLDS_LITTLE -> {}
            default -> {
                return;
            }
        }
        if (code != Snag.Code.ORNAMENT_HOLDS_LITTLE) {
            add(
                    "Leave it out",
                    brief.withOrnaments(brief.ornaments().stream()
                            .filter(o -> !o.name().equals(name))
                            .toList()));
        }
    }

    private void change(String label, Ornament changed) {
        add(
                label,
                brief.withOrnaments(brief.ornaments().stream()
                        .map(o -> o.name().equals(changed.name()) ? changed : o)
                        .toList()));
    }

    private Optional<Face> face(Ornament ornament) {
        return plan.faces().stream()
                .filter(f -> f.key().equals(ornament.face()))
                .findFirst();
    }

    private String panelName(Ornament ornament) {
        return face(ornament).map(f -> f.panel().name()).orElse(ornament.face());
    }

    /** Moved the least so that it lies within its panel; empty if it is too large for that or there already. */
    private Optional<Ornament> inside(Ornament ornament) {
        return plan.ornaments().placed().stream()
                .filter(placed -> placed.ornament().equals(ornament))
                .findFirst()
                .flatMap(placed -> {
                    Size panel = placed.face().panel().box();
                    Laid laid = placed.laid();
                    Size it = laid.outline().size();
                    if (!it.fitsWithin(panel)) {
                        return Optional.empty();
                    }
                    Length x = clamp(laid.x(), panel.width().minus(it.width()));
                    Length y = clamp(laid.y(), panel.height().minus(it.height()));
                    return x.equals(laid.x()) && y.equals(laid.y())
                            ? Optional.empty()
                            : Optional.of(ornament.at(Anchor.at(x), Anchor.at(y)));
                });
    }

    private static Length clamp(Length value, Length most) {
        return Length.max(Length.ZERO, Length.min(value, most));
    }
}

package vantbreeze.operation;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import vantbreeze.make.GluePart;
import vantbreeze.make.GluedPlace;
import vantbreeze.make.Joint;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Grouped;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Side;

/**
 * One panel that is glued to another.
 *
 * @param part which part of it takes glue
 * @param tape how long the tape is cut; empty where it matters not
 * @param onOutline whether it lies edge on edge with the closed card, so that nothing is measured
 * @param liesOpen whether it is there while every score of the card lies open
 * @param hidden whether a mat hides its tape
 */
public record Glued(
        Bond bond,
        Panel laid,
        Panel onto,
        GluedPlace place,
        GluePart part,
        Optional<Length> tape,
        boolean onOutline,
        boolean liesOpen,
        boolean hidden) {

    /** Whether pieces of the same kind come onto pieces of the same kind, at the same panels. */
    boolean isAlike(Glued other) {
        return isAlike(laid, onto, other.laid, other.onto);
    }

    static boolean isAlike(Panel laid, Panel onto, Panel otherLaid, Panel otherOnto) {
        boolean samePieces =
                laid.piece().equals(otherLaid.piece()) && onto.piece().equals(otherOnto.piece());
        return !samePieces
                && Grouped.isAlike(laid.piece(), otherLaid.piece())
                && Grouped.isAlike(onto.piece(), otherOnto.piece());
    }

    /** Whether it is laid down together with the other: one bar on two wings, two tabs of a strip on one panel. */
    boolean isOneLaying(Glued other) {
        return isOneLaying(laid, onto, other.laid, other.onto);
    }

    static boolean isOneLaying(Panel laid, Panel onto, Panel otherLaid, Panel otherOnto) {
        return laid.equals(otherLaid) || laid.piece().equals(otherLaid.piece()) && onto.equals(otherOnto);
    }

    String takenBy() {
        return (bond.ontoSide() == Side.BACK ? "the back of " : "") + Grouped.the(onto.name());
    }

    /** "Put wet glue on the back of the bar, the left 1/2 in and the right 1/2 in only. The rest has to come away." */
    static String putGlue(Joint with, List<Glued> joints, Ruler ruler) {
        Map<String, List<String>> parts = new LinkedHashMap<>();
        for (Glued joint : joints) {
            List<String> only = parts.computeIfAbsent(joint.laid().name(), k -> new ArrayList<>());
            joint.part().where(ruler).ifPresent(only::add);
        }
        /* Panels that take it at the same part are named together. */
        Map<List<String>, List<String>> panels = new LinkedHashMap<>();
        for (Glued joint : joints) {
            List<String> where = new ArrayList<>(List.of(joint.bond().side().word()));
            where.addAll(parts.get(joint.laid().name()));
            List<String> there = panels.computeIfAbsent(where, k -> new ArrayList<>());
            if (!there.contains(Grouped.the(joint.laid().name()))) {
                there.add(Grouped.the(joint.laid().name()));
            }
        }
        if (panels.size() > 2
                && joints.stream().allMatch(g -> g.part().isWhereItTouches())
                && panels.keySet().stream()
                                .map(where -> where.get(0))
                                .distinct()
                                .count()
                        == 1) {
            return "Put %s on the %s of %s, only where each touches what it goes onto. The rest has to come away."
                    .formatted(
                            with.adhesive().name(),
                            joints.get(0).bond().side().word(),
                            Grouped.joined(panels.values().stream()
                                    .flatMap(List::stream)
                                    .toList()));
        }
        boolean inPart = panels.keySet().stream().anyMatch(where -> where.size() > 1);
        return "Put %s on %s.%s"
                .formatted(
                        with.adhesive().name(),
                        panels.entrySet().stream()
                                .map(e -> told(e.getKey(), e.getValue()))
                                .collect(Collectors.joining("; on ")),
                        inPart ? " The rest has to come away." : "");
    }

    /** @param where the side, then the parts that take glue; only the side where all of it does */
    private static String told(List<String> where, List<String> panels) {
        String only = where.size() == 1 ? "" : ", %s only".formatted(Grouped.joined(where.subList(1, where.size())));
        return "the %s of %s%s".formatted(where.get(0), Grouped.joined(panels), only);
    }

    String tape(Ruler ruler) {
        return tape.map(t -> " Cut the tape %s long, so that it stops %s from each edge."
                        .formatted(ruler.about(t), ruler.about(Joint.TAPE_INSET)))
                .orElse("");
    }
}

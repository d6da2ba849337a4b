package vantbreeze.task;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.layer.Mat;
import vantbreeze.layer.Ornament;
import vantbreeze.make.Grouped;
import vantbreeze.make.Joint;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.ShapeReading;
import vantbreeze.make.SlitReading;
import vantbreeze.make.SquareReading;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.part.CutList;
import vantbreeze.part.Division;
import vantbreeze.part.Part;
import vantbreeze.structure.Form;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;

/** Says tasks as makers say them. */
public final class Words {

    /** So many folds are listed where the piece is folded; more are on the score card. */
    private static final int MOST_FOLDS = 8;

    private static final int AN_HOUR = 60;
    private static final int A_DAY = 24 * AN_HOUR;

    private final Ruler ruler;

    private Words(Ruler ruler) {
        this.ruler = ruler;
    }

    public static Step of(Task task, Ruler ruler) {
        Words words = new Words(ruler);
        return new Step(
                title(task.work()),
                words.wording(task.work()),
                task.hazards().stream().map(Hazard::text).collect(Collectors.joining(" ")));
    }

    private static String title(Work work) {
        if (work instanceof Work.Cut cut) {
            Part first = cut.what().get(0).first();
            return first.kind() == Part.Kind.MAT
                    ? "Cut the mats" + (cut.from().isEmpty() ? "" : ", " + cut.from())
                    : "Cut the " + first.name();
        } else if (work instanceof Work.CutRibbon) {
            return "Cut the ribbon";
        } else if (work instanceof Work.Mark mark) {
            return "Mark the " + mark.piece().name();
        } else if (work instanceof Work.RubOut rub) {
            return "Rub out on the " + rub.piece().name();
        } else if (work instanceof Work.Score score) {
            return "Score the " + score.piece().name();
        } else if (work instanceof Work.Crease crease) {
            return "Score the " + crease.piece().name();
        } else if (work instanceof Work.Prick prick) {
            return "Score the " + prick.piece().name();
        } else if (work instanceof Work.Trim trim) {
            return "Cut the %s to shape".formatted(trim.piece().name());
        } else if (work instanceof Work.Slit slit) {
            return "Slit the " + slit.piece().name();
        } else if (work instanceof Work.Open open) {
            return "Open the " + open.piece().name();
        } else if (work instanceof Work.Fold fold) {
            return "Fold the " + fold.piece().name();
        } else if (work instanceof Work.Lay lay) {
            return lay.first() ? "Lay the mats that go on first" : "Lay the mats";
        } else if (work instanceof Work.LayTopper topper) {
            return "Add the " + topper.placed().ornament().name();
        } else if (work instanceof Work.Glue glue) {
            return "Glue the " + glue.laid().name();
        } else if (work instanceof Work.Thread thread) {
            return "Thread the " + thread.runs().name();
        } else if (work instanceof Work.Dry) {
            return "Let it dry";
        } else if (work instanceof Work.Fill fill) {
            return "Put the %s in".formatted(fill.room().held().name());
        } else if (work instanceof Work.Close) {
            return "Close and check";
        } else if (work instanceof Work.Shut) {
            return "Close it for good";
        } else if (work instanceof Work.Dress dress) {
            return dress.step().technique().title();
        }
        throw new IllegalArgumentException("There are no words for (%s).".formatted(work));
    }

    private Wording wording(Work work) {
        if (work instanceof Work.Crease crease) {
            return crease(crease);
        }
        return work instanceof Work.Mark mark ? mark(mark) : Wording.plain(text(work));
    }

    private String text(Work work) {
        if (work instanceof Work.Cut cut) {
            return cut(cut);
        } else if (work instanceof Work.CutRibbon ribbon) {
            return "Cut %s of ribbon.".formatted(ruler.text(ribbon.length()));
        } else if (work instanceof Work.RubOut rub) {
            return "%s, rub the pencil out before anything covers it.".formatted(sideUp(rub.side()));
        } else if (work instanceof Work.Score score) {
            return score(score);
        } else if (work instanceof Work.Prick prick) {
            boolean bend = prick.piece().scores().stream()
                    .anyMatch(s -> prick.scores().contains(s.id()) && !s.path().isStraight());
            return "%s, lay the template on, prick the ends%s of %s through with a needle, and crease from prick to prick along a ruler with a bone folder on a soft mat."
                    .formatted(sideUp(prick.side()), bend ? " and bends" : "", Grouped.joined(prick.scores()));
        } else if (work instanceof Work.Trim trim) {
            return trim(trim);
        } else if (work instanceof Work.Slit slit) {
            boolean byTrimmer = slit.tools().contains(Tool.TRIMMER);
            return "Face side up. %s.%s"
                    .formatted(
                            new SlitReading(slit.piece(), ruler).text(),
                            byTrimmer
                                    ? " Stop the trimmer short of each end and finish to the mark with a knife: short of it the fold tears, past it the frame is weak."
                                    : " Not past the ends: there the paper tears on.");
        } else if (work instanceof Work.Open open) {
            return open(open);
        } else if (work instanceof Work.Fold fold) {
            return fold(fold);
        } else if (work instanceof Work.Lay lay) {
            return lay(lay);
        } else if (work instanceof Work.LayTopper topper) {
            return topper(topper);
        } else if (work instanceof Work.Glue glue) {
            return glue(glue);
        } else if (work instanceof Work.Thread thread) {
            return thread(thread);
        } else if (work instanceof Work.Dry dry) {
            return dry(dry);
        } else if (work instanceof Work.Fill fill) {
            return fill.room().text(ruler);
        } else if (work instanceof Work.Close) {
            return "Close the card: nothing may stick out. Let it dry closed under a weight, then try it in its envelope.";
        } else if (work instanceof Work.Shut shut) {
            return shut.text();
        } else if (work instanceof Work.Dress dress) {
            return dress(dress);
        }
        throw new IllegalArgumentException("There are no words for (%s).".formatted(work));
    }

    private static String sideUp(Side side) {
        return side == Side.FACE ? "Face side up" : "Turned over like a page, back up";
    }

    /** As it lies on the board. */
    private static String lying(Work.Score score) {
        return score.side() == Side.FACE
                ? (score.round() ? "Face side up, turned round" : "Face side up")
                : score.round() ? "Turned over top to bottom, back up" : "Turned over like a page, back up";
    }

    private String trim(Work.Trim trim) {
        String first = trim.shape()
                .foldedFirst()
                .map(f -> f + ". Cut through both layers ")
                .orElse("Face side up, cut ");
        String kept = trim.offcuts().isEmpty()
                ? ""
                : " Keep the %d offcuts: they become the %s."
                        .formatted(
                                trim.offcuts().size(),
                                Grouped.joined(
                                        trim.offcuts().stream().map(Piece::name).toList()));
        return "%s%s, along a ruler.%s".formatted(first, trim.shape().text(ruler), kept);
    }

    private String cut(Work.Cut cut) {
        Part first = cut.what().get(0).first();
        return first.kind() == Part.Kind.MAT ? mats(cut) : piece(first, cut.from());
    }

    private String piece(Part part, String from) {
        String name = part.name();
        if (ShapeReading.of(part.piece()).isPresent()) {
            return "Cut a rectangle of %s for the %s from %s. It is cut to shape once it is scored."
                    .formatted(ruler.text(part.size()), name, from);
        }
        return switch (part.form()) {
            case RECTANGLE ->
                "Cut the %s to %s from %s. Check twice, cut once.".formatted(name, ruler.text(part.size()), from);
            case ROUND ->
                "Cut the %s out of %s by the template: it is round, %s across."
                        .formatted(name, from, ruler.text(part.size().width()));
            case SHAPED ->
                "Cut the %s out of %s by the template; its box is %s.".formatted(name, from, ruler.text(part.size()));
        };
    }

    private String mats(Work.Cut cut) {
        List<String> cuts = new ArrayList<>();
        List<String> splits = new ArrayList<>();
        for (CutList.Alike alike : cut.what()) {
            Part first = alike.first();
            cuts.add("%d of %s%s".formatted(alike.count(), ruler.text(first.size()), how(alike)));
            first.division().ifPresent(d -> splits.add(split(alike, d)));
        }
        return "Cut the mats as listed: %s.%s".formatted(String.join("; ", cuts), String.join("", splits));
    }

    private String how(CutList.Alike alike) {
        Part mat = alike.first();
        return mat.isRectangle()
                ? ""
                : ShapeReading.of(mat.piece())
                        .map(shape -> ", %scut %s".formatted(alike.count() == 1 ? "" : "each ", shape.text(ruler)))
                        .orElse(" by the template");
    }

    private String split(CutList.Alike alike, Division division) {
        return " Cut one piece %s for the %s, then split it %s from its %s so that the pattern runs on."
                .formatted(
                        ruler.text(alike.first().size()),
                        String.join(" and the ", alike.first().goesOn()),
                        ruler.text(division.at()),
                        division.alongWidth() ? "left edge" : "lower edge");
    }

    private Wording mark(Work.Mark mark) {
        boolean slits = mark.ruler().isEmpty();
        String which = mark.piece().slits().stream().anyMatch(s -> s.path().isCurved())
                ? "the ends of every slit without a curve in pencil"
                : "the ends of every slit in pencil";
        return new Wording(
                "%s, mark %s:".formatted(sideUp(mark.side()), slits ? which : "in pencil where the ruler goes"),
                slits
                        ? mark.slits().stream().map(this::marks).toList()
                        : mark.ruler().stream().map(m -> m.text(ruler)).toList(),
                "; ",
                ".",
                Optional.empty());
    }

    private String marks(Work.MarkedLine line) {
        List<String> along = line.along().stream().map(ruler::text).toList();
        return line.upright()
                ? "%s from the left end, at %s from the bottom".formatted(ruler.text(line.at()), Grouped.joined(along))
                : "%s from the bottom, at %s from the left end".formatted(ruler.text(line.at()), Grouped.joined(along));
    }

    private String score(Work.Score score) {
        String how = score.bothEnds()
                .map(both -> both.text(ruler))
                .orElseGet(() -> score.across()
                        ? "score at %s from the left end"
                                .formatted(Grouped.joined(score.settings().stream()
                                        .map(s -> ruler.text(s.at()))
                                        .toList()))
                        : "score at "
                                + Grouped.joined(score.settings().stream()
                                        .map(this::setting)
                                        .toList()));
        return score.across()
                ? "Face side up, right across from edge to edge, %s. What stays flat is let be.".formatted(how)
                : "%s, %s.".formatted(lying(score), how);
    }

    private String setting(Work.Setting setting) {
        String at = "%s from the %s".formatted(ruler.text(setting.at()), setting.upright() ? "left end" : "bottom");
        return setting.spans().isEmpty()
                ? at
                : "%s (only from %s, %s)"
                        .formatted(
                                at,
                                spans(setting.spans()),
                                setting.upright() ? "up from the bottom" : "across from the left");
    }

    private String spans(List<Work.Span> spans) {
        return Grouped.joined(spans.stream()
                .map(s -> "%s to %s".formatted(ruler.text(s.from()), ruler.text(s.to())))
                .toList());
    }

    private Wording crease(Work.Crease crease) {
        List<String> lines = IntStream.range(0, crease.lines().size())
                .mapToObj(i -> crease.lines().get(i).along(ruler)
                        + (crease.spans().get(i).isEmpty()
                                ? ""
                                : " (only from %s along the ruler from the first mark)"
                                        .formatted(spans(crease.spans().get(i)))))
                .toList();
        return new Wording(
                "%s, lay a ruler".formatted(sideUp(crease.side())),
                lines,
                "; then ",
                ". Crease along it%s with a bone folder on a soft mat; fold it forward, then backward, before you burnish it."
                        .formatted(lines.size() == 1 ? "" : " each time"),
                byHand(crease));
    }

    /** Without a ruler; what is creased only in part lies loose in between. */
    private Optional<Wording> byHand(Work.Crease crease) {
        List<String> folds = crease.lines().stream()
                .flatMap(l -> l.byHand().stream())
                .distinct()
                .map(h -> h.text(ruler))
                .toList();
        return folds.isEmpty()
                ? Optional.empty()
                : Optional.of(new Wording(
                        "Or by hand, without a ruler:",
                        folds,
                        "; then ",
                        ", and press the fold down where the score runs.",
                        Optional.empty()));
    }

    private String open(Work.Open open) {
        Polygon opening = open.opening();
        if (!opening.isRectangle()) {
            return "Cut the opening of the %s out by the template."
                    .formatted(open.piece().name());
        }
        Envelope box = opening.getEnvelopeInternal();
        return "Face side up, pencil an opening %s wide and %s high on the %s, its left edge %s from the left end and its lower edge %s from the bottom, and cut it out from corner to corner."
                .formatted(
                        text(box.getWidth()),
                        text(box.getHeight()),
                        open.piece().name(),
                        text(box.getMinX()),
                        text(box.getMinY()));
    }

    private String text(double counts) {
        return ruler.text(Length.nearestTo(counts));
    }

    private String fold(Work.Fold fold) {
        Piece piece = fold.piece();
        boolean listed = fold.settings().size() <= MOST_FOLDS || piece.scoredAcross();
        String which = listed
                ? "%s, fold %s"
                        .formatted(
                                piece.scoredAcross() ? "Face side up, rows counted from the bottom" : "Face side up",
                                fold.settings().stream()
                                        .map(s -> "at %s: %s".formatted(position(s), s.how(ruler)))
                                        .collect(Collectors.joining("; ")))
                : "Fold all %d scores as they are drawn, dashes as valleys, dash and dot as mountains"
                        .formatted(fold.settings().size());
        String reversed = piece.slits().isEmpty()
                ? ""
                : " Push what lies between slits through gently, a little forward, then backward, before you burnish it.";
        return "%s. Lower edges level; burnish each fold with the bone folder.%s".formatted(which, reversed);
    }

    private String position(ScoreSetting setting) {
        return setting.at() instanceof SquareReading square ? ruler.text(square.fromStart()) : setting.name();
    }

    private String lay(Work.Lay lay) {
        Map<String, Mat> faces = new LinkedHashMap<>();
        lay.mats().forEach(m -> faces.putIfAbsent(m.face().label(), m));
        return "%s, lower layers first, borders even. On %s: %s. Keep glue and tape %s off every score."
                .formatted(
                        lay.first() ? "Before anything else is joined" : "Dry-fit the mats first",
                        the(Grouped.names(List.copyOf(faces.keySet()), lay.all())),
                        lay.joint().text(),
                        ruler.about(Joint.TAPE_INSET));
    }

    /** What is counted needs no article: "the front and back", "all 12 walls". */
    private static String the(List<String> names) {
        boolean counted = names.get(0).matches("(all|both|\\d+) .*");
        return (counted ? "" : "the ") + Grouped.joined(names);
    }

    private String topper(Work.LayTopper topper) {
        Ornament ornament = topper.placed().ornament();
        String note = Form.of(ornament.outline().polygon()).note();
        String panel = topper.placed().face().panel().name();
        boolean free = !topper.placed().crosses().isEmpty()
                || !topper.placed().overlaps().isEmpty();
        return "Lay the %s (%s%s) on the %s. Its place on the %s: %s. Use %s.%s"
                .formatted(
                        ornament.name(),
                        ruler.text(ornament.outline().size()),
                        note.isEmpty() ? "" : ", " + note,
                        topper.placed().liesOn(),
                        topper.placed().face().label(),
                        topper.place().text(ruler),
                        topper.joint().text(),
                        free ? " Glue only what lies over the %s: the rest has to come away.".formatted(panel) : "");
    }

    private String glue(Work.Glue glue) {
        String place = glue.onOutline()
                ? "with the %s closed, edge on edge with the outline of the %s"
                        .formatted(glue.onto().name(), glue.card())
                : glue.place().text(ruler);
        String tape = glue.tape()
                .map(t -> " Cut the tape %s long: it ends %s before the edges."
                        .formatted(ruler.about(t), ruler.about(Joint.TAPE_INSET)))
                .orElse("");
        return "Glue the %s of the %s to the %s of the %s, %s.%s Use %s.%s%s"
                .formatted(
                        glue.bond().side().word(),
                        glue.laid().name(),
                        glue.bond().ontoSide().word(),
                        glue.onto().name(),
                        place,
                        glue.part().text(ruler),
                        glue.joint().text(),
                        tape,
                        glue.hidden() ? " The mat that goes over it hides the tape." : "");
    }

    private String thread(Work.Thread thread) {
        Envelope box = thread.onto().outline().getEnvelopeInternal();
        String band = thread.band().name();
        String onto = thread.onto().name();
        String stud = thread.slide()
                .stud()
                .map(at ->
                        " Fix a stud, such as a flat paper fastener, through its slot to the %s, %s from the left edge and %s from the lower edge, loose enough to run."
                                .formatted(
                                        onto,
                                        text(at.x().count() - box.getMinX()),
                                        text(at.y().count() - box.getMinY())))
                .orElse("");
        return "Pass the %s between the %s and the %s until the next score lies on the edge of the %s. No glue there: it runs %s.%s Try it before the last mats go on."
                .formatted(
                        thread.runs().name(),
                        band,
                        onto,
                        band,
                        ruler.text(thread.slide().travel()),
                        stud);
    }

    private static String dry(Work.Dry dry) {
        return dry.minutes() >= A_DAY
                ? "Give glue a day to dry before you post it."
                : "Give %s %s before you bend or cover it; the label counts. What does not touch it can go on meanwhile."
                        .formatted(dry.what(), minutes(dry.minutes()));
    }

    private static String minutes(int minutes) {
        return minutes == AN_HOUR ? "an hour" : "%d minutes".formatted(minutes);
    }

    private static String dress(Work.Dress dress) {
        String words = dress.step().words().strip();
        String where = dress.up()
                .map(side -> "%s: %s".formatted(sideUp(side), dress.on()))
                .orElse("On " + dress.on());
        return "%s.%s%s"
                .formatted(
                        where,
                        words.isEmpty() ? "" : " " + words + (words.matches(".*[.!?]$") ? "" : "."),
                        dress.step().technique().when() == Technique.When.FLAT
                                ? " Now, while it lies flat and bare."
                                : "");
    }
}

package vantbreeze.task;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.layer.Face;
import vantbreeze.layer.Mat;
import vantbreeze.layer.PlacedOrnament;
import vantbreeze.layer.PocketRoom;
import vantbreeze.make.GluePart;
import vantbreeze.make.GluedPlace;
import vantbreeze.make.Joint;
import vantbreeze.make.ObliqueReading;
import vantbreeze.make.RulerMark;
import vantbreeze.make.ScoreCard;
import vantbreeze.make.ScoreSetting;
import vantbreeze.make.ShapeReading;
import vantbreeze.measure.Length;
import vantbreeze.part.CutList;
import vantbreeze.part.Part;
import vantbreeze.structure.Bond;
import vantbreeze.structure.Panel;
import vantbreeze.structure.Piece;
import vantbreeze.structure.Side;
import vantbreeze.structure.Slide;

/** What is done at one task, with everything that a sentence, a drawing or a measurement needs. */
public sealed interface Work {

    /** The side of the piece that lies up; empty where no piece lies on the table. */
    default Optional<Side> up() {
        return Optional.empty();
    }

    /** What is taken into the hand. */
    default List<Tool> tools() {
        return List.of();
    }

    /**
     * Parts off a sheet, all alike in their paper.
     *
     * @param from what they are cut from, in words
     */
    record Cut(String from, List<CutList.Alike> what) implements Work {
        @Override
        public List<Tool> tools() {
            return what.stream().allMatch(a -> a.first().isRectangle())
                    ? List.of(Tool.TRIMMER)
                    : List.of(Tool.TEMPLATE, Tool.KNIFE, Tool.CUTTING_MAT);
        }
    }

    /** A length of ribbon. */
    record CutRibbon(Length length) implements Work {
        @Override
        public List<Tool> tools() {
            return List.of(Tool.SCISSORS);
        }
    }

    /**
     * Pencil marks that a later task needs.
     *
     * @param slits where both ends of slits are marked: on lines so far from an edge
     * @param ruler what a ruler is laid to
     */
    record Mark(Piece piece, Side side, List<MarkedLine> slits, List<RulerMark> ruler) implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(side);
        }

        @Override
        public List<Tool> tools() {
            return List.of(Tool.PENCIL, Tool.RULER);
        }
    }

    /**
     * Marks on one line.
     *
     * @param upright whether the line is
     * @param at from the left end, or from the bottom
     * @param along where on it, from the bottom, or from the left end
     */
    record MarkedLine(boolean upright, Length at, List<Length> along) {}

    /** Pencil away, before anything covers it. */
    record RubOut(Piece piece, Side side) implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(side);
        }

        @Override
        public List<Tool> tools() {
            return List.of(Tool.ERASER);
        }
    }

    /** Where a score or a cut begins and ends along its line. */
    record Span(Length from, Length to) {}

    /**
     * One setting of the board's fence.
     *
     * @param upright whether the line is; its position is then read from the left end, otherwise from the bottom
     * @param at as the piece lies then
     * @param spans up from the bottom, or across from the left; empty for all of it
     * @param scores the ids of what is scored there
     */
    record Setting(boolean upright, Length at, List<Span> spans, List<String> scores) {
        public Setting {
            spans = List.copyOf(spans);
            scores = List.copyOf(scores);
        }
    }

    /**
     * Scores set on a board.
     *
     * @param round whether it is turned round as well: read from its other ends the scores lie on the board's grooves
     * @param across whether all are scored from edge to edge, whatever of them folds
     * @param bothEnds the same numbers read from either end, where it is so
     */
    record Score(
            Piece piece,
            Side side,
            boolean round,
            boolean across,
            List<Setting> settings,
            Optional<ScoreCard.BothEnds> bothEnds)
            implements Work {

        /** Whether the piece's right edge lies at the left. */
        public boolean isMirrored() {
            return isMirrored(side, round);
        }

        static boolean isMirrored(Side side, boolean round) {
            return round != (side == Side.BACK);
        }

        @Override
        public Optional<Side> up() {
            return Optional.of(side);
        }

        @Override
        public List<Tool> tools() {
            return List.of(Tool.BOARD, Tool.BONE_FOLDER);
        }
    }

    /**
     * Scores aslant, along a ruler.
     *
     * @param lines as they lie then
     * @param spans for each line where it is creased, from the first mark along the ruler; empty for all of it
     * @param scores for each line what is creased along it
     */
    record Crease(Piece piece, Side side, List<ObliqueReading> lines, List<List<Span>> spans, List<List<String>> scores)
            implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(side);
        }

        @Override
        public List<Tool> tools() {
            return List.of(Tool.RULER, Tool.BONE_FOLDER, Tool.SOFT_MAT);
        }
    }

    /** Scores that come with the template: no edge lies against a fence. */
    record Prick(Piece piece, Side side, List<String> scores) implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(side);
        }

        @Override
        public List<Tool> tools() {
            return List.of(Tool.TEMPLATE, Tool.NEEDLE, Tool.RULER, Tool.BONE_FOLDER, Tool.SOFT_MAT);
        }
    }

    /**
     * Straight cuts from mark to mark that take a piece out of its box.
     *
     * @param offcuts what falls off and is used
     */
    record Trim(Piece piece, ShapeReading shape, List<Piece> offcuts) implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(Side.FACE);
        }

        @Override
        public List<Tool> tools() {
            return List.of(Tool.PENCIL, Tool.RULER, Tool.KNIFE, Tool.CUTTING_MAT);
        }
    }

    /** Cuts inside a piece. */
    record Slit(Piece piece) implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(Side.FACE);
        }

        @Override
        public List<Tool> tools() {
            boolean curved = piece.slits().stream().anyMatch(s -> s.path().isCurved());
            boolean others = piece.slits().stream().anyMatch(s -> !s.path().isCurved());
            List<Tool> tools = new ArrayList<>(curved ? List.of(Tool.TEMPLATE) : List.of());
            tools.addAll(
                    others
                            ? List.of(Tool.TRIMMER, Tool.KNIFE, Tool.RULER, Tool.CUTTING_MAT)
                            : List.of(Tool.KNIFE, Tool.CUTTING_MAT));
            return tools;
        }
    }

    /** A window cut out. */
    record Open(Piece piece, Polygon opening) implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(Side.FACE);
        }

        @Override
        public List<Tool> tools() {
            return opening.isRectangle()
                    ? List.of(Tool.PENCIL, Tool.RULER, Tool.KNIFE, Tool.CUTTING_MAT)
                    : List.of(Tool.TEMPLATE, Tool.KNIFE, Tool.CUTTING_MAT);
        }
    }

    /** All scores of a piece, each its way. */
    record Fold(Piece piece, List<ScoreSetting> settings) implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(Side.FACE);
        }

        @Override
        public List<Tool> tools() {
            return List.of(Tool.BONE_FOLDER);
        }
    }

    /**
     * Papers onto faces, with what suits them.
     *
     * @param first whether something is joined over them later
     * @param all the labels of all faces that are dressed, so that many are counted
     */
    record Lay(boolean first, Joint joint, List<Mat> mats, List<String> all) implements Work {
        public Lay {
            mats = List.copyOf(mats);
            all = List.copyOf(all);
        }
    }

    /** Something on top of the papers. */
    record LayTopper(PlacedOrnament placed, GluedPlace place, Joint joint) implements Work {}

    /**
     * One panel onto another.
     *
     * @param tape how long the tape is cut; empty where it matters not
     * @param onOutline whether it lies edge on edge with the closed card, so that nothing is measured
     * @param hidden whether a mat hides its tape
     */
    record Glue(
            Bond bond,
            Panel laid,
            Panel onto,
            GluedPlace place,
            GluePart part,
            Joint joint,
            Optional<Length> tape,
            boolean onOutline,
            String card,
            boolean hidden)
            implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(bond.ontoSide());
        }
    }

    /** What runs is passed under its band and kept by its stud. */
    record Thread(Slide slide, Panel runs, Panel onto, Panel band) implements Work {
        @Override
        public Optional<Side> up() {
            return Optional.of(slide.ontoSide());
        }
    }

    /**
     * Waiting; other things can be done meanwhile.
     *
     * @param what that is glued or wet
     */
    record Dry(int minutes, String what) implements Work {}

    /** What a pocket holds. */
    record Fill(PocketRoom room) implements Work {}

    /** The card closed and looked at. */
    record Close() implements Work {
        @Override
        public List<Tool> tools() {
            return List.of(Tool.WEIGHT);
        }
    }

    /** Its belt, sleeve, ribbon or band on. */
    record Shut(String text) implements Work {}

    /**
     * The maker's own.
     *
     * @param on what it is done to, in words
     * @param face the face it is done to, if it is one
     * @param part the mat or topper it is done to, if it is one
     */
    record Dress(OwnStep step, String on, Optional<Face> face, Optional<Part> part) implements Work {
        @Override
        public Optional<Side> up() {
            return face.map(Face::side);
        }
    }
}

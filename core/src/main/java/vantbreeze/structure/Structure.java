package vantbreeze.structure;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.locationtech.jts.geom.Polygon;
import vantbreeze.measure.Length;

/**
 * A card: pieces, the bonds between their panels and the stages it goes through. Panels, hinges and vertices are derived.
 * The anchor is the panel that stays where it lies, face up, at every flat stage.
 */
public final class Structure {

    private final List<Piece> pieces;
    private final List<Bond> bonds;
    private final List<Lay> lays;
    private final List<Held> held;
    private final List<Slide> slides;
    private final boolean opensOut;
    private final Map<String, Habit> habits;
    private final Map<String, String> offcuts;
    private final Map<String, Dressed> dressed;
    private final Set<String> creased;
    private final List<Stage> stages;
    private final List<Panel> panels;
    private final Map<String, Panel> called = new HashMap<>();
    private final List<Hinge> hinges;
    private final List<Vertex> vertices;
    private final List<ScoreLine> scores;
    private final List<Set<String>> atOnce;
    private final List<Handling> handlings;
    private final Set<Bond> landing = new HashSet<>();
    private final Links links = new Links();
    private final Panel anchor;

    private Structure(Builder builder) {
        pieces = List.copyOf(builder.pieces);
        bonds = List.copyOf(builder.bonds);
        lays = List.copyOf(builder.lays);
        held = List.copyOf(builder.held);
        slides = List.copyOf(builder.slides);
        opensOut = builder.opensOut;
        habits = Map.copyOf(builder.habits);
        offcuts = Map.copyOf(builder.offcuts);
        dressed = Map.copyOf(builder.dressed);
        creased = Set.copyOf(builder.creased);
        atOnce = List.copyOf(builder.atOnce);
        handlings = List.copyOf(builder.handlings);
        List<Arrangement> arranged = pieces.stream().map(Arrangement::of).toList();
        panels = arranged.stream().flatMap(a -> a.panels().stream()).toList();
        hinges = arranged.stream().flatMap(a -> a.hinges().stream()).toList();
        vertices = arranged.stream().flatMap(a -> a.vertices().stream()).toList();
        scores = pieces.stream().flatMap(p -> p.scores().stream()).toList();
        panels.forEach(this::call);
        Stage closed = builder.closed(scores);
        stages = Stream.concat(
                        Stream.of(Stage.flat(), closed),
                        builder.stages.stream().map(s -> builder.lying.contains(s.name()) ? s.over(closed) : s))
                .toList();
        anchor = panel(builder.anchor);
        hinges.forEach(h -> links.join(Optional.of(h), h.first(), h.second()));
        bonds.forEach(b -> links.join(Optional.empty(), panel(b.panel()), panel(b.onto())));
        slides.forEach(s -> links.join(Optional.empty(), panel(s.panel()), panel(s.onto())));
        requireTogether();
        findLanding();
    }

    /** Begins a structure of these pieces; flat and closed (every score folded) are its first stages. */
    public static Builder of(Piece... pieces) {
        return new Builder(List.of(pieces));
    }

    /** Begins a structure that has all this and more; it stays anchored where it is. */
    public Builder extended() {
        Builder builder = new Builder(pieces);
        builder.bonds.addAll(bonds);
        builder.lays.addAll(lays);
        builder.held.addAll(held);
        builder.slides.addAll(slides);
        builder.opensOut = opensOut;
        builder.habits.putAll(habits);
        builder.offcuts.putAll(offcuts);
        builder.dressed.putAll(dressed);
        builder.creased.addAll(creased);
        builder.atOnce.addAll(atOnce);
        builder.handlings.addAll(handlings);
        Stage closed = closed();
        scores().stream()
                .map(ScoreLine::id)
                .filter(s -> closed.degrees(s) == 0)
                .forEach(builder.unfoldedWhenClosed::add);
        for (Stage stage : shown()) {
            builder.stages.add(stage);
            if (stage.isFlat()) {
                builder.lying.add(stage.name());
            }
        }
        builder.anchor = anchor.name();
        return builder;
    }

    /**
     * One panel lies above another, where paper alone would allow either.
     *
     * @param stages the names of the stages at which it does
     */
    public record Lay(String upper, String lower, Set<String> stages) {}

    /**
     * Areas of a face that are dressed, each by itself.
     *
     * @param grounds in the panel's flat coordinates
     * @param over ids of bonds whose glued panels lie on them: they are glued first and dressed over
     */
    public record Dressed(List<Polygon> grounds, Set<String> over) {
        public Dressed {
            grounds = List.copyOf(grounds);
            over = Set.copyOf(over);
        }
    }

    /** Collects what joins the pieces and how they stand. */
    public static final class Builder {
        private final List<Piece> pieces;
        private final List<Bond> bonds = new ArrayList<>();
        private final List<Lay> lays = new ArrayList<>();
        private final List<Held> held = new ArrayList<>();
        private final List<Slide> slides = new ArrayList<>();
        private boolean opensOut = true;
        private final Map<String, Habit> habits = new HashMap<>();
        private final Map<String, String> offcuts = new HashMap<>();
        private final Map<String, Dressed> dressed = new HashMap<>();
        private final Set<String> creased = new HashSet<>();
        private final List<Set<String>> atOnce = new ArrayList<>();
        private final List<Handling> handlings = new ArrayList<>();
        private final List<Stage> stages = new ArrayList<>();
        private final Set<String> lying = new HashSet<>();
        private final Set<String> unfoldedWhenClosed = new HashSet<>();
        private String anchor;

        private Builder(List<Piece> pieces) {
            this.pieces = new ArrayList<>(pieces);
        }

        public Builder piece(Piece piece) {
            pieces.add(piece);
            return this;
        }

        /** That piece is what falls off when another one is cut to its shape. */
        public Builder offcut(String piece, String from) {
            offcuts.put(piece, from);
            return this;
        }

        /**
         * A face is dressed area by area, not as a whole.
         *
         * @param face "base/face"
         */
        public Builder dressed(String face, Dressed how) {
            dressed.put(face, how);
            return this;
        }

        /** Takes another piece in place of the one of the same name. */
        public Builder replace(Piece piece) {
            pieces.replaceAll(p -> p.name().equals(piece.name()) ? piece : p);
            return this;
        }

        public Builder bond(Bond bond) {
            bonds.add(bond);
            return this;
        }

        /** Hands do that at its moment. */
        public Builder handled(Handling handling) {
            handlings.add(handling);
            return this;
        }

        /** These bonds are made in one go: glue on all of them, then everything is laid down together. */
        public Builder atOnce(String... bonds) {
            atOnce.add(Set.of(bonds));
            return this;
        }

        /** These scores lie open on the closed card; all others are folded all the way. */
        public Builder openWhenClosed(String... scores) {
            unfoldedWhenClosed.addAll(List.of(scores));
            return this;
        }

        private Stage closed(List<ScoreLine> scores) {
            return Stage.folded(
                    Stage.CLOSED,
                    Stage.Role.CLOSED,
                    scores.stream()
                            .filter(s -> !unfoldedWhenClosed.contains(s.id()))
                            .toList(),
                    1);
        }

        /** These are folded and burnished in the making; in the card they lie open at every stage. */
        public Builder creased(String... scores) {
            creased.addAll(List.of(scores));
            return this;
        }

        /** On the closed card the first lies above the second. */
        public Builder lay(String upper, String lower) {
            return lay(upper, lower, Set.of(Stage.CLOSED));
        }

        /** At these stages the first lies above the second. */
        public Builder lay(String upper, String lower, Set<String> at) {
            lays.add(new Lay(upper, lower, Set.copyOf(at)));
            return this;
        }

        public Builder slide(Slide slide) {
            slides.add(slide);
            return this;
        }

        /** Once it is put together nobody opens it out flat. */
        public Builder staysFolded() {
            opensOut = false;
            return this;
        }

        /** The card carries that in a pocket. */
        public Builder holds(Held thing) {
            held.add(thing);
            return this;
        }

        /** @param faces "tab" for both sides of a panel, "middle/back" for one */
        public Builder habit(Habit habit, String... faces) {
            List.of(faces).forEach(f -> habits.put(f, habit));
            return this;
        }

        /** The card as it stands, in degrees for each score. Where loops do not close so, the nearest pose that does. */
        public Builder displayed(Map<String, Double> degrees) {
            return stage(new Stage(Stage.DISPLAYED, degrees));
        }

        /** The card as it stands with every score opened to the same share of its full angle, 0 to 1. */
        public Builder displayed(double share) {
            List<ScoreLine> scores =
                    pieces.stream().flatMap(p -> p.scores().stream()).toList();
            return stage(Stage.folded(Stage.DISPLAYED, Stage.Role.SHOWN, scores, share));
        }

        /** More scores of a card as it stands; without effect where it only lies. */
        public Builder displayedWith(Map<String, Double> more) {
            stages.replaceAll(s -> lying.contains(s.name()) ? s : s.with(more));
            return this;
        }

        /** The card lying flat before the recipient, folded as it is closed but for these scores. */
        public Builder lying(String name, Map<String, Double> changes) {
            lying.add(name);
            return stage(new Stage(name, changes));
        }

        /** The same while that panel stays where it lay at the stage before. */
        public Builder turned(String name, String resting, Map<String, Double> changes) {
            lying.add(name);
            return stage(new Stage(name, Stage.Role.SHOWN, Optional.of(resting), Map.of(), changes));
        }

        /** The card lying flat before the recipient with its slides so far along. */
        public Builder pulled(String name, Map<String, Length> runs, Map<String, Double> changes) {
            lying.add(name);
            return stage(new Stage(name, Stage.Role.SHOWN, Optional.empty(), runs, changes));
        }

        public Builder stage(Stage stage) {
            stages.add(stage);
            return this;
        }

        /** @throws StructureException if the pattern is no card: the reason names the line or panel */
        public Structure anchoredAt(String panel) {
            anchor = panel;
            return build();
        }

        /** Anchored where it was. */
        public Structure build() {
            return new Structure(this);
        }
    }

    /** A panel's name is what a brief calls its faces by: two of one name would be dressed as one. */
    private void call(Panel panel) {
        Panel other = called.putIfAbsent(panel.name(), panel);
        if (other != null) {
            throw new StructureException(
                    panel.name(),
                    "Two panels are called (%s): in the %s and the %s. Every panel needs its own name."
                            .formatted(panel.name(), other.piece(), panel.piece()));
        }
    }

    private void requireTogether() {
        Set<Panel> reached = links.reached(anchor, Set.of());
        for (Panel panel : panels) {
            if (!reached.contains(panel)) {
                throw new StructureException(
                        panel.name(), "The panel %s is cut loose: no score or bond holds it.".formatted(panel.name()));
            }
        }
    }

    /** What hangs together already, over hinges and earlier bonds, is only closed by another bond. */
    private void findLanding() {
        Links joined = new Links();
        hinges.forEach(h -> joined.join(Optional.of(h), h.first(), h.second()));
        slides.forEach(s -> joined.join(Optional.empty(), panel(s.panel()), panel(s.onto())));
        for (Bond bond : gluedInOrder()) {
            Panel laid = panel(bond.panel());
            Panel onto = panel(bond.onto());
            if (joined.reached(laid, Set.of()).contains(onto)) {
                landing.add(bond);
            }
            joined.join(Optional.empty(), laid, onto);
        }
    }

    /** Film goes on first, under what hides its tape. */
    public List<Bond> gluedInOrder() {
        return Stream.concat(bonds.stream().filter(this::isFilm), bonds.stream().filter(b -> !isFilm(b)))
                .toList();
    }

    /**
     * @return whether its two panels hang together by then, over folds and what is glued before: on the folded card the one lies
     *     where it belongs on the other, and nothing has to be measured
     */
    public boolean landsByItself(Bond bond) {
        return landing.contains(bond);
    }

    /** What hands do besides, in the order in which it was said. */
    public List<Handling> handlings() {
        return handlings;
    }

    /** @return whether both are made in one go */
    public boolean isMadeWith(Bond one, Bond other) {
        return atOnce.stream().anyMatch(ids -> ids.contains(one.id()) && ids.contains(other.id()));
    }

    /** @return whether what hangs on that hinge is held by nothing else, so that it can be folded by itself */
    public boolean isFlap(Hinge hinge) {
        return links.reached(anchor, Set.of(hinge)).size() < panels.size();
    }

    /** @return the panels that only these hinges hold to the anchor; none if something else holds them too */
    public Set<Panel> hangingOn(Set<Hinge> hinges) {
        Set<Panel> hanging = new LinkedHashSet<>(panels);
        hanging.removeAll(links.reached(anchor, hinges));
        return hanging;
    }

    /** @return whether a score folds in the making or at any stage; where it does not it only marks a line */
    public boolean isFolded(String score) {
        return isCreased(score) || stages.stream().anyMatch(s -> s.degrees(score) != 0);
    }

    /** @return whether it is folded in the making only */
    public boolean isCreased(String score) {
        return creased.contains(score);
    }

    /** What makers do with that face whatever is seen of it. */
    public Optional<Habit> habit(Panel panel, Side side) {
        return Optional.ofNullable(habits.get(panel.name() + "/" + side.word()))
                .or(() -> Optional.ofNullable(habits.get(panel.name())));
    }

    /** The areas of that face that makers dress; empty where it is dressed as a whole. */
    public Optional<Dressed> dressed(Panel panel, Side side) {
        return Optional.ofNullable(dressed.get(panel.name() + "/" + side.word()));
    }

    /** @return whether it is a card to write in */
    public boolean isWritten(Piece piece) {
        List<Panel> own =
                panels.stream().filter(p -> p.piece().equals(piece.name())).toList();
        return !own.isEmpty() && own.stream().allMatch(p -> habit(p, Side.FACE).equals(Optional.of(Habit.WRITTEN)));
    }

    /** Those that are cut from a sheet, all but the offcuts. */
    public List<Piece> cutPieces() {
        return pieces.stream().filter(p -> offcutOf(p).isEmpty()).toList();
    }

    /** The piece that it is an offcut of. */
    public Optional<Piece> offcutOf(Piece piece) {
        return Optional.ofNullable(offcuts.get(piece.name())).map(this::piece);
    }

    /** What falls off a piece when it is cut to its shape, and is used. */
    public List<Piece> offcuts(Piece piece) {
        return pieces.stream()
                .filter(p -> piece.name().equals(offcuts.get(p.name())))
                .toList();
    }

    /** @return whether something is glued on that side of the panel, or it is glued down by it */
    public boolean isGlued(Panel panel, Side side) {
        return bonds.stream().anyMatch(b -> touches(b, panel, side));
    }

    /** @return whether something opaque is glued over that side, so that it is dressed before; film goes under its mats */
    public boolean isCovered(Panel panel, Side side) {
        return bonds.stream().anyMatch(b -> !isFilm(b) && touches(b, panel, side));
    }

    /** @return whether film is glued to that side */
    public boolean isFilmOn(Panel panel, Side side) {
        return bonds.stream()
                .anyMatch(b ->
                        isFilm(b) && b.ontoSide() == side && panel(b.onto()).equals(panel));
    }

    /** What is glued over that side, or holds it by that side, in its own flat coordinates. */
    public List<Polygon> glued(Panel panel, Side side) {
        return bonds.stream()
                .filter(b -> touches(b, panel, side))
                .map(b -> panel(b.panel()).equals(panel)
                        ? b.placement().inverse().apply(panel(b.onto()).outline())
                        : b.placement().apply(panel(b.panel()).outline()))
                .toList();
    }

    /** Whether glue of that bond is on that side of the panel. */
    private boolean touches(Bond bond, Panel panel, Side side) {
        return (bond.side() == side && panel(bond.panel()).equals(panel))
                || (bond.ontoSide() == side && panel(bond.onto()).equals(panel));
    }

    /** @return whether it joins film to something */
    public boolean isFilm(Bond bond) {
        return panel(bond.panel()).isClear() || panel(bond.onto()).isClear();
    }

    /** @return whether the two panels that it joins hang together without it as well */
    public boolean isLoop(Bond bond) {
        return links.reachesOtherwise(panel(bond.panel()), panel(bond.onto()));
    }

    public List<Piece> pieces() {
        return pieces;
    }

    /** @throws StructureException if no piece has that name */
    public Piece piece(String name) {
        return pieces.stream()
                .filter(p -> p.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new StructureException(name, "There is no piece called (%s).".formatted(name)));
    }

    public List<Panel> panels() {
        return panels;
    }

    public List<Hinge> hinges() {
        return hinges;
    }

    public List<Bond> bonds() {
        return bonds;
    }

    public List<Lay> lays() {
        return lays;
    }

    /** What runs on it. */
    public List<Slide> slides() {
        return slides;
    }

    /** The card opened out flat, as it was cut, if anyone opens it so. */
    public Optional<Stage> opened() {
        return opensOut ? Optional.of(stage(Stage.FLAT)) : Optional.empty();
    }

    /** What lies in its pockets. */
    public List<Held> held() {
        return held;
    }

    /** The bond that joins the first of two panels to the second. */
    public Optional<Bond> bond(Panel laid, Panel onto) {
        return bonds.stream()
                .filter(b -> panel(b.panel()).equals(laid) && panel(b.onto()).equals(onto))
                .findFirst();
    }

    public List<Vertex> vertices() {
        return vertices;
    }

    public List<Stage> stages() {
        return stages;
    }

    /** As it is posted. */
    public Stage closed() {
        return stage(Stage.CLOSED);
    }

    /** What the recipient looks at, in the order of the looking. */
    public List<Stage> shown() {
        return stages.stream().filter(s -> s.role() == Stage.Role.SHOWN).toList();
    }

    /** The stage that the recipient meets before one that is shown. */
    public Stage before(Stage shown) {
        return stages.get(stages.indexOf(shown) - 1);
    }

    public Panel anchor() {
        return anchor;
    }

    public List<ScoreLine> scores() {
        return scores;
    }

    /** @throws StructureException if no stage has that name */
    public Stage stage(String name) {
        return stages.stream()
                .filter(s -> s.name().equals(name))
                .findFirst()
                .orElseThrow(() -> new StructureException(name, "There is no stage called (%s).".formatted(name)));
    }

    /**
     * @param name such as "front"
     * @throws StructureException if no panel is called so
     */
    public Panel panel(String name) {
        Panel panel = called.get(String.valueOf(name));
        if (panel == null) {
            throw new StructureException(String.valueOf(name), "There is no panel called (%s).".formatted(name));
        }
        return panel;
    }
}

package vantbreeze.catalogue;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;
import vantbreeze.measure.UnitSystem;
import vantbreeze.structure.Silhouette;
import vantbreeze.structure.Structure;

/** The resolved parameters of a fold. */
public final class Values {

    private final Map<String, Object> byKey;
    private final Means means;

    /** Listing what a panel may carry, and carrying it, take the same card. */
    private final Map<FoldDesign, Structure> built;

    /**
     * @param byKey a {@link Length}, an {@link Integer}, a {@link PanelRows}, a {@link LinePattern}, a {@link LengthList}, a {@link GlueList} or a text for each
     *     parameter that applies
     */
    public Values(Map<String, Object> byKey, Means means) {
        this(byKey, means, new ConcurrentHashMap<>());
    }

    private Values(Map<String, Object> byKey, Means means, Map<FoldDesign, Structure> built) {
        this.byKey = Map.copyOf(byKey);
        this.means = means;
        this.built = built;
    }

    /**
     * Takes what is given, falls back for the rest, and checks every range.
     *
     * @param given by key; keys that the design does not have are left out
     * @throws ParameterException for the first parameter that is missing or out of its range
     */
    public static Values resolve(FoldDesign design, Map<String, Object> given, Means means) {
        Map<String, Object> resolved = new LinkedHashMap<>();
        /* What was built on the way has all its values by then, and they do not change any more. */
        Map<FoldDesign, Structure> built = new ConcurrentHashMap<>();
        for (Parameter parameter : design.parameters()) {
            Values soFar = new Values(resolved, means, built);
            if (!parameter.applies().test(soFar)) {
                continue;
            }
            Object value = Optional.ofNullable(given.get(parameter.key()))
                    .or(() ->
                            Optional.ofNullable(parameter.fallback()).map(f -> usual(parameter, f.apply(soFar), soFar)))
                    .orElseThrow(() ->
                            new ParameterException(parameter, "The %s must be given.".formatted(parameter.label())));
            /* The usual choice is one of the choices; listing them may take building the card. */
            if (parameter.kind() != Parameter.Kind.CHOICE || given.containsKey(parameter.key())) {
                check(parameter, value, soFar);
            }
            resolved.put(parameter.key(), value);
        }
        return new Values(resolved, means, built);
    }

    /** Usual lengths of a metric card are whole or half millimetres, where their range allows it. */
    private static Object usual(Parameter parameter, Object value, Values before) {
        if (!(value instanceof Length length)
                || before.grid().system() != UnitSystem.METRIC
                || parameter.range() == null) {
            return value;
        }
        Range range = parameter.range().apply(before);
        return Stream.of(ToolGrid.HALF_MILLIMETRE.floor(length), ToolGrid.HALF_MILLIMETRE.ceiling(length))
                .filter(l -> l.isPositive() == length.isPositive() && range.holds(l))
                .findFirst()
                .map(l -> (Object) l)
                .orElse(value);
    }

    /**
     * Refuses what no size of the card would allow.
     *
     * @throws ParameterException for the first outline that the design cannot be cut by
     */
    public static void checkWhateverTheSize(FoldDesign design, Map<String, Object> given) {
        for (Parameter parameter : design.parameters()) {
            if (parameter.kind() == Parameter.Kind.OUTLINE && given.containsKey(parameter.key())) {
                checkOutline(parameter, (Silhouette) given.get(parameter.key()));
            }
        }
    }

    private static void check(Parameter parameter, Object value, Values before) {
        switch (parameter.kind()) {
            case LENGTH -> checkRange(parameter, (Length) value, before);
            case LENGTHS -> {
                LengthList list = (LengthList) value;
                checkCount(parameter, list.lengths().size());
                list.lengths().forEach(l -> checkRange(parameter, l, before));
            }
            case COUNT -> checkCount(parameter, (Integer) value);
            case CHOICE -> {
                List<String> choices = parameter.choices().apply(before);
                if (!choices.contains(value)) {
                    throw new ParameterException(parameter, (String) value, choices);
                }
            }
            case OUTLINE -> checkOutline(parameter, (Silhouette) value);
            case PANELS, PATTERN, GLUE -> {}
        }
    }

    private static void checkRange(Parameter parameter, Length value, Values before) {
        Range range = parameter.range().apply(before);
        if (!range.holds(value)) {
            throw new ParameterException(parameter, value, range);
        }
    }

    private static void checkOutline(Parameter parameter, Silhouette value) {
        if (!parameter.shape().suits().test(value)) {
            throw new ParameterException(parameter, value);
        }
    }

    private static void checkCount(Parameter parameter, int count) {
        if (!parameter.counts().holds(count)) {
            throw new ParameterException(parameter, count);
        }
    }

    /** What the design makes of them; built once. */
    public Structure structure(FoldDesign design) {
        Structure known = built.get(design);
        if (known == null) {
            known = design.build(this);
            built.put(design, known);
        }
        return known;
    }

    public Map<String, Object> byKey() {
        return byKey;
    }

    public Means means() {
        return means;
    }

    /** The marks that a design rounds to when it must share a length out. */
    public ToolGrid grid() {
        return means.grid();
    }

    /** On the maker's marks where that is not nothing. */
    Length onGrid(Length length) {
        Length floor = grid().floor(length);
        return floor.isPositive() || !length.isPositive() ? floor : length;
    }

    /** Half of a length; an odd count rounds down. */
    static Length half(Length whole) {
        return whole.dividedBy(2).each();
    }

    public Length length(String key) {
        return (Length) byKey.get(key);
    }

    public Length width() {
        return length(Parameter.WIDTH);
    }

    public Length height() {
        return length(Parameter.HEIGHT);
    }

    /** The shorter side of the closed card. */
    Length shorter() {
        return Length.min(width(), height());
    }

    public int count(String key) {
        return (Integer) byKey.get(key);
    }

    public LengthList lengths(String key) {
        return (LengthList) byKey.get(key);
    }

    public String choice(String key) {
        return (String) byKey.get(key);
    }

    Silhouette outline(String key) {
        return (Silhouette) byKey.get(key);
    }

    public GlueList glue(String key) {
        return (GlueList) byKey.get(key);
    }

    LinePattern pattern(String key) {
        return (LinePattern) byKey.get(key);
    }

    public PanelRows panels(String key) {
        return (PanelRows) byKey.get(key);
    }
}

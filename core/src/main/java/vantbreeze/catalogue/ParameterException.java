package vantbreeze.catalogue;

import java.util.List;
import java.util.function.Supplier;
import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;
import vantbreeze.structure.Silhouette;

/** A parameter that is missing or outside its range. Keeps all parts, so a form can show them in its own units. */
public final class ParameterException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;
    private final transient Parameter parameter;
    private final transient Length length;
    private final transient Object other;
    private final transient String allowed;
    private final transient Range range;

    private ParameterException(
            Parameter parameter, Length length, Object other, Range range, String allowed, String message) {
        super(message);
        this.parameter = parameter;
        this.length = length;
        this.other = other;
        this.allowed = allowed;
        this.range = range;
    }

    ParameterException(Parameter parameter, Length value, Range range) {
        this(parameter, value, null, range, null, "%s (%s) is outside its range".formatted(parameter.key(), value));
    }

    ParameterException(Parameter parameter, int value) {
        this(parameter, value, parameter.counts().text());
    }

    ParameterException(Parameter parameter, String value, List<String> choices) {
        this(parameter, value, String.join(", ", choices));
    }

    ParameterException(Parameter parameter, Silhouette value) {
        this(
                parameter,
                null,
                value.name(),
                null,
                parameter.shape().words(),
                "The %s (%s) must be %s."
                        .formatted(
                                parameter.label(),
                                value.name(),
                                parameter.shape().words()));
    }

    private ParameterException(Parameter parameter, Object value, String allowed) {
        this(parameter, null, value, null, allowed, "The %s can be %s.".formatted(parameter.label(), allowed));
    }

    ParameterException(Parameter parameter, String reason) {
        this(parameter, null, null, null, "a value", reason);
    }

    /** @throws ParameterException that blames the parameter for what cannot be built */
    static <T> T attempt(Parameter blamed, Supplier<T> build) {
        try {
            return build.get();
        } catch (ParameterException known) {
            throw known;
        } catch (IllegalArgumentException impossible) {
            throw new ParameterException(blamed, impossible.getMessage());
        }
    }

    public Parameter parameter() {
        return parameter;
    }

    /** The refused value, or nothing if none was given. */
    public String value(Ruler ruler) {
        return length != null ? ruler.text(length) : other != null ? other.toString() : "";
    }

    public String allowed(Ruler ruler) {
        return range != null ? range.text(ruler) : allowed;
    }

    public String text(Ruler ruler) {
        return range == null ? getMessage() : range.refusal(parameter.label(), length, ruler);
    }
}

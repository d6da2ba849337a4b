package vantbreeze.catalogue;

import vantbreeze.measure.Length;
import vantbreeze.measure.Ruler;

/** A parameter that is missing or outside its range. Keeps all parts, so a form can show them in its own units. */
public final class ParameterException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;
    private final transient Parameter parameter;
    private final transient Length length;
    private final transient Integer count;
    private final transient Range range;

    private ParameterException(Parameter parameter, Length length, Integer count, Range range, String message) {
        super(message);
        this.parameter = parameter;
        this.length = length;
        this.count = count;
        this.range = range;
    }

    ParameterException(Parameter parameter, Length value, Range range) {
        this(parameter, value, null, range, "%s (%s) is outside its range".formatted(parameter.key(), value));
    }

    ParameterException(Parameter parameter, int value) {
        this(
                parameter,
                null,
                value,
                null,
                "The %s can be %s."
                        .formatted(parameter.label(), parameter.counts().text()));
    }

    ParameterException(Parameter parameter, String reason) {
        this(parameter, null, null, null, reason);
    }

    public Parameter parameter() {
        return parameter;
    }

    /** The refused value, or nothing if none was given. */
    public String value(Ruler ruler) {
        return length != null ? ruler.text(length) : count != null ? count.toString() : "";
    }

    public String allowed(Ruler ruler) {
        return range != null
                ? range.text(ruler)
                : count != null ? parameter.counts().text() : "a value";
    }

    public String text(Ruler ruler) {
        return range == null ? getMessage() : range.refusal(parameter.label(), length, ruler);
    }
}

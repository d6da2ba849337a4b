package vantbreeze.plan;

import java.util.List;

/** A brief that no plan follows from. Names every field at fault. */
public final class BriefException extends IllegalArgumentException {

    private static final long serialVersionUID = 1L;
    private final transient List<Fault> faults;

    /**
     * @param field its path in the brief, "basis.width"
     * @param value as given
     * @param allowed the range or the choices
     * @param text what to change, in plain words
     */
    public record Fault(String field, String value, String allowed, String text) {

        /** What was not given at all is shown as nothing. */
        public Fault {
            value = value == null ? "" : value;
        }
    }

    public BriefException(List<Fault> faults) {
        super(String.join(" ", faults.stream().map(Fault::text).toList()));
        this.faults = List.copyOf(faults);
    }

    public BriefException(String field, String value, String allowed, String text) {
        this(List.of(new Fault(field, value, allowed, text)));
    }

    public List<Fault> faults() {
        return faults;
    }
}

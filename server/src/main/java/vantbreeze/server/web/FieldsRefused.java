package vantbreeze.server.web;

import java.util.List;
import vantbreeze.plan.BriefException;

/** Some fields of a request cannot be as they are. Nothing was kept. */
public final class FieldsRefused extends RuntimeException {

    private static final long serialVersionUID = 1L;
    private final transient List<BriefException.Fault> faults;

    public FieldsRefused(List<BriefException.Fault> faults) {
        super(String.join(" ", faults.stream().map(BriefException.Fault::text).toList()));
        this.faults = List.copyOf(faults);
    }

    public FieldsRefused(String field, String value, String allowed, String text) {
        this(List.of(new BriefException.Fault(field, value, allowed, text)));
    }

    List<BriefException.Fault> faults() {
        return faults;
    }
}

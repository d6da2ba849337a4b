package vantbreeze.catalogue;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import vantbreeze.measure.Length;
import vantbreeze.measure.ToolGrid;

/**
 * The resolved parameters of a fold.
 *
 * @param byKey a {@link Length}, an {@link Integer} or a {@link PanelList} for each parameter
 * @param grid the marks that a design rounds to when it must share a length out
 */
public record Values(Map<String, Object> byKey, ToolGrid grid) {

    public Values {
        byKey = Map.copyOf(byKey);
    }

    /**
     * Takes what is given, falls back for the rest, and checks every range.
     *
     * @param given by key; keys that the design does not have are left out
     * @throws ParameterException for the first parameter that is missing or out of its range
     */
    public static Values resolve(FoldDesign design, Map<String, Object> given, ToolGrid grid) {
        Map<String, Object> resolved = new LinkedHashMap<>();
        for (Parameter parameter : design.parameters()) {
            Values soFar = new Values(resolved, grid);
            Object value = Optional.ofNullable(given.get(parameter.key()))
                    .or(() -> Optional.ofNullable(parameter.fallback()).map(f -> f.apply(soFar)))
                    .orElseThrow(() ->
                            new ParameterException(parameter, "The %s must be given.".formatted(parameter.label())));
            if (parameter.range() != null) {
                Range range = parameter.range().apply(soFar);
                if (!range.holds((Length) value)) {
                    throw new ParameterException(parameter, (Length) value, range);
                }
            }
            if (parameter.counts() != null && !parameter.counts().holds((Integer) value)) {
                throw new ParameterException(parameter, (Integer) value);
            }
            resolved.put(parameter.key(), value);
        }
        return new Values(resolved, grid);
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

    public int count(String key) {
        return (Integer) byKey.get(key);
    }

    public PanelList panels(String key) {
        return (PanelList) byKey.get(key);
    }
}

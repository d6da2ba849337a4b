package vantbreeze.server.web;

import io.swagger.v3.oas.annotations.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.Arrays;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.exc.InputCoercionException;
import tools.jackson.databind.JavaType;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.exc.MismatchedInputException;
import tools.jackson.databind.exc.UnrecognizedPropertyException;
import tools.jackson.databind.json.JsonMapper;

/** What a body that is no such document has at fault: a field, its value, and what it may be. */
final class BodyFault {

    private static final JsonMapper JSON = new JsonMapper();
    private static final int SHOWN = 60;

    private BodyFault() {}

    /** @param body as it was sent, from which the value is taken */
    static Problem.Field of(JacksonException mismatch, byte[] body) {
        String path = path(mismatch.getPath());
        String value = value(mismatch.getPath(), body);
        if (mismatch instanceof UnrecognizedPropertyException unknown) {
            Collection<Object> known = unknown.getKnownPropertyIds();
            String names = known == null
                    ? "none"
                    : known.stream().map(String::valueOf).sorted().collect(Collectors.joining(", "));
            return new Problem.Field(
                    path, value, names, "The field (%s) is not known; there are %s.".formatted(path, names));
        }
        String allowed = target(mismatch)
                .map(type -> form(type) + range(mismatch.getPath()))
                .orElse("see /api/openapi");
        return new Problem.Field(
                path, value, allowed, "%s (%s): %s.".formatted(path.isEmpty() ? "The body" : path, value, allowed));
    }

    private static Optional<Class<?>> target(JacksonException mismatch) {
        if (mismatch instanceof MismatchedInputException wrong) {
            return Optional.ofNullable(wrong.getTargetType());
        }
        return mismatch instanceof InputCoercionException tooLarge
                ? Optional.ofNullable(tooLarge.getTargetType())
                : Optional.empty();
    }

    private static String path(List<JacksonException.Reference> references) {
        StringBuilder path = new StringBuilder();
        for (JacksonException.Reference reference : references) {
            if (reference.getPropertyName() == null) {
                path.append('[').append(reference.getIndex()).append(']');
            } else {
                path.append(path.isEmpty() ? "" : ".").append(Text.upTo(SHOWN, reference.getPropertyName()));
            }
        }
        return path.toString();
    }

    private static String value(List<JacksonException.Reference> references, byte[] body) {
        try {
            JsonNode at = JSON.readTree(body);
            for (JacksonException.Reference reference : references) {
                at = reference.getPropertyName() == null
                        ? at.path(reference.getIndex())
                        : at.path(reference.getPropertyName());
            }
            String text = at.isString() ? at.asString() : at.toString();
            return text.length() > SHOWN ? Text.upTo(SHOWN, text) + "…" : text;
        } catch (JacksonException notReadable) {
            return "";
        }
    }

    /** @return what a field of that type may be, in words */
    static String form(Class<?> type) {
        if (type.isEnum()) {
            return "one of "
                    + Arrays.stream(type.getEnumConstants())
                            .map(String::valueOf)
                            .collect(Collectors.joining(", "));
        }
        if (type == int.class || type == Integer.class || type == long.class || type == Long.class) {
            return "a whole number";
        }
        if (Number.class.isAssignableFrom(type) || type.isPrimitive() && type != boolean.class) {
            return "a number";
        }
        if (type == boolean.class || type == Boolean.class) {
            return "true or false";
        }
        if (type == String.class) {
            return "text";
        }
        if (Collection.class.isAssignableFrom(type) || type.isArray()) {
            return "a list in [ ]";
        }
        if (java.time.temporal.Temporal.class.isAssignableFrom(type)) {
            return "a day such as 2026-11-01";
        }
        return Map.class.isAssignableFrom(type) || type.isRecord() ? "fields in { }" : "see /api/openapi";
    }

    /** As the published schema says it beside the field. */
    private static String range(List<JacksonException.Reference> references) {
        if (references.isEmpty()) {
            return "";
        }
        JacksonException.Reference last = references.get(references.size() - 1);
        Class<?> owner = last.from() instanceof JavaType type
                ? type.getRawClass()
                : last.from() instanceof Class<?> raw
                        ? raw
                        : last.from() == null ? null : last.from().getClass();
        if (owner == null || !owner.isRecord()) {
            return "";
        }
        return Arrays.stream(owner.getRecordComponents())
                .filter(c -> c.getName().equals(last.getPropertyName()))
                .findFirst()
                .flatMap(BodyFault::schema)
                .filter(schema -> !schema.minimum().isEmpty())
                .map(schema -> ", %s to %s".formatted(schema.minimum(), schema.maximum()))
                .orElse("");
    }

    private static Optional<Schema> schema(RecordComponent component) {
        return Optional.ofNullable(component.getAccessor().getAnnotation(Schema.class));
    }
}

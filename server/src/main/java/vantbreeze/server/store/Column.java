package vantbreeze.server.store;

import java.sql.Date;
import java.sql.Types;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.function.Function;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A column and how its values are written in JSON: text, numbers and truth as they are, times as ISO 8601, bytes as a file
 * beside the tables.
 *
 * @param most characters that fit; 0 where there is no limit
 */
public record Column(String name, int type, int most, boolean mayBeNull) {

    public boolean isBytes() {
        return type == Types.BLOB || type == Types.VARBINARY || type == Types.BINARY;
    }

    /** @param value as the database gives it, not null */
    public void write(ObjectNode row, Object value) {
        if (value instanceof Boolean truth) {
            row.put(name, truth);
        } else if (value instanceof Integer || value instanceof Long) {
            row.put(name, ((Number) value).longValue());
        } else if (value instanceof Double number) {
            row.put(name, number);
        } else {
            row.put(name, value.toString());
        }
    }

    /**
     * @param files what is kept as bytes, by the name of its file; null where there is none
     * @throws IllegalArgumentException if the value cannot stand here; the message names it
     */
    public Object read(JsonNode value, Function<String, byte[]> files) {
        if (value == null || value.isNull()) {
            if (!mayBeNull) {
                throw new IllegalArgumentException("%s is missing".formatted(name));
            }
            return null;
        }
        try {
            return switch (type) {
                case Types.BOOLEAN -> require(value.isBoolean(), value, value.booleanValue());
                case Types.INTEGER -> require(value.canConvertToInt(), value, value.intValue());
                case Types.BIGINT -> require(value.canConvertToLong(), value, value.longValue());
                case Types.DOUBLE ->
                    require(value.isNumber() && Double.isFinite(value.doubleValue()), value, value.doubleValue());
                case Types.DATE -> Date.valueOf(LocalDate.parse(value.asString()));
                case Types.TIMESTAMP_WITH_TIMEZONE -> OffsetDateTime.parse(value.asString());
                case Types.BLOB, Types.VARBINARY, Types.BINARY -> file(value, files);
                default -> text(value);
            };
        } catch (DateTimeException e) {
            throw new IllegalArgumentException("%s (%s) is no time".formatted(name, shown(value)), e);
        }
    }

    private <T> T require(boolean good, JsonNode value, T read) {
        if (!good) {
            throw new IllegalArgumentException("%s (%s) cannot be so".formatted(name, shown(value)));
        }
        return read;
    }

    private String text(JsonNode value) {
        require(value.isString(), value, value);
        String text = value.asString();
        return require(most == 0 || text.length() <= most, value, text);
    }

    private byte[] file(JsonNode value, Function<String, byte[]> files) {
        byte[] bytes = files.apply(value.isString() ? value.asString() : "");
        return require(bytes != null, value, bytes);
    }

    private static String shown(JsonNode value) {
        String text = value.toString();
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }
}

package vantbreeze.server.backup;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.stream.Collectors;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import vantbreeze.server.store.Column;
import vantbreeze.server.store.Rows;

/** Reads the rows of one table as they stand in a backup: a list of plain objects, one at a time. */
final class RowReader {

    /** Of one table: a new revision every minute for some years. */
    private static final int MOST_ROWS = 1_000_000;

    private static final JsonMapper JSON = JsonMapper.builder().build();

    private final Archive archive;
    private final Rows rows;
    private final Map<String, Column> columns;

    RowReader(Archive archive, Rows rows, List<Column> columns) {
        this.archive = archive;
        this.rows = rows;
        this.columns = columns.stream().collect(Collectors.toMap(Column::name, Function.identity()));
    }

    /**
     * @param progress is told of the bytes that were read
     * @throws BackupFault if it is no list of rows as this version knows them
     */
    void forEach(Progress progress, Consumer<Map<String, Object>> work) {
        String entry = rows.entry();
        if (!archive.has(entry)) {
            /* Of a version that did not have it yet. */
            return;
        }
        try (InputStream in = Archive.counted(archive.open(entry), progress);
                JsonParser parser = JSON.createParser(in)) {
            require(parser.nextToken() == JsonToken.START_ARRAY);
            int read = 0;
            while (parser.nextToken() == JsonToken.START_OBJECT) {
                if (++read > MOST_ROWS) {
                    throw new BackupFault(entry, "it has more than %,d rows".formatted(MOST_ROWS));
                }
                Map<String, Object> row = row(parser);
                work.accept(row);
                row.values().stream()
                        .filter(byte[].class::isInstance)
                        .forEach(bytes -> progress.did(((byte[]) bytes).length));
            }
            require(parser.currentToken() == JsonToken.END_ARRAY && parser.nextToken() == null);
        } catch (JacksonException | IOException e) {
            throw new BackupFault(entry, "it is no list of rows");
        } catch (IllegalArgumentException e) {
            throw new BackupFault(entry, e.getMessage());
        }
    }

    private void require(boolean good) {
        if (!good) {
            throw new BackupFault(rows.entry(), "it is no list of rows");
        }
    }

    private Map<String, Object> row(JsonParser parser) {
        Map<String, JsonNode> given = new HashMap<>();
        while (parser.nextToken() == JsonToken.PROPERTY_NAME) {
            String name = parser.currentName();
            if (!columns.containsKey(name)) {
                throw new IllegalArgumentException("it has (%s), which this version does not know".formatted(name));
            }
            if (!parser.nextToken().isScalarValue()) {
                throw new IllegalArgumentException("%s is no single value".formatted(name));
            }
            if (given.put(name, parser.readValueAsTree()) != null) {
                throw new IllegalArgumentException("%s is there twice".formatted(name));
            }
        }
        Map<String, Object> row = new LinkedHashMap<>();
        for (Column column : columns.values()) {
            Object value = column.read(given.get(column.name()), archive::file);
            if (value != null) {
                row.put(column.name(), value);
            }
        }
        return row;
    }
}

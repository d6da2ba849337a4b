package vantbreeze.server.backup;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Clock;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Service;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.ObjectWriter;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;
import vantbreeze.server.store.Column;
import vantbreeze.server.store.ReadBack;
import vantbreeze.server.store.Received;
import vantbreeze.server.store.Rows;
import vantbreeze.server.store.Store;
import vantbreeze.server.store.Tables;

/**
 * Everything that is kept, out as one file and in again, however much it is: neither is ever held whole. What comes in is
 * looked through before anything is changed, then merged by id in one piece.
 */
@Service
public class BackupService {

    static final String FILES = "files/";

    /** Of a row beside its file, about: to tell how far it has come. */
    private static final long ROW_BYTES = 2000;

    private static final JsonMapper JSON =
            JsonMapper.builder().disable(StreamWriteFeature.AUTO_CLOSE_TARGET).build();
    private static final ObjectWriter PRETTY = JSON.writerWithDefaultPrettyPrinter();

    private final Tables tables;
    private final List<Received> received;
    private final List<ReadBack> readBack;
    private final Store store;
    private final Clock clock;

    BackupService(Tables tables, List<Received> received, List<ReadBack> readBack, Store store, Clock clock) {
        this.tables = tables;
        this.received = List.copyOf(received);
        this.readBack = List.copyOf(readBack);
        this.store = store;
        this.clock = clock;
    }

    /** How many rows were in it, how many of them were not here, and how many were older or deleted here. */
    public record Restored(int rows, int added, int changed) {}

    /** All of one moment, while saving goes on.
     *
     * @throws UncheckedIOException if it cannot be written */
    void write(OutputStream out, Progress progress) {
        store.readAsOfNow(() -> {
            progress.expect(Rows.ALL.stream().mapToLong(tables::count).sum() * ROW_BYTES + tables.bytes(Rows.PHOTOS));
            try (ArchiveWriter archive = new ArchiveWriter(out, clock.instant())) {
                for (Rows rows : Rows.ALL) {
                    write(rows, archive, progress);
                }
                archive.finish();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
            return null;
        });
    }

    private void write(Rows rows, ArchiveWriter archive, Progress progress) throws IOException {
        List<Column> columns = tables.columns(rows);
        archive.add(rows.entry(), out -> {
            try (JsonGenerator list = PRETTY.createGenerator(out)) {
                list.writeStartArray();
                tables.forEach(rows, row -> {
                    list.writePOJO(written(rows, row, columns));
                    progress.did(ROW_BYTES);
                });
                list.writeEndArray();
            }
        });
        if (columns.stream().anyMatch(Column::isBytes)) {
            tables.forEach(rows, row -> {
                for (Object value : row.values()) {
                    if (value instanceof byte[] bytes) {
                        addFile(archive, file(rows, row), bytes);
                        progress.did(bytes.length);
                    }
                }
            });
        }
    }

    private static void addFile(ArchiveWriter archive, String name, byte[] bytes) {
        try {
            archive.addPacked(name, bytes);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String file(Rows rows, Map<String, Object> row) {
        return FILES + rows.table() + "/" + row.get(rows.key());
    }

    private static ObjectNode written(Rows rows, Map<String, Object> row, List<Column> columns) {
        ObjectNode written = JSON.createObjectNode();
        for (Column column : columns) {
            Object value = row.get(column.name());
            if (value instanceof byte[]) {
                written.put(column.name(), file(rows, row));
            } else if (value != null) {
                column.write(written, value);
            }
        }
        return written;
    }

    /**
     * All of it, or nothing. It is unpacked, summed up and looked through while saving goes on; only then is it brought in.
     *
     * @throws BackupFault naming the entry at fault
     * @throws Progress.Cancelled if nobody wants it any more; from when it is being brought in it is too late
     */
    Restored restore(Path file, Progress progress) {
        try (Archive archive = Archive.open(file);
                Staged staged = new Staged(file.resolveSibling(file.getFileName() + ".made-anew"))) {
            progress.expect(3 * archive.bytes());
            archive.verify(progress);
            Map<Rows, RowReader> readers = new LinkedHashMap<>();
            Rows.ALL.forEach(rows -> readers.put(rows, new RowReader(archive, rows, tables.columns(rows))));
            new Survey(received, staged).look(readers, progress);
            return store.write(() -> merged(readers, staged, progress));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private Restored merged(Map<Rows, RowReader> readers, Staged staged, Progress progress) {
        Merge merge = new Merge(tables, readBack);
        for (Map.Entry<Rows, RowReader> table : readers.entrySet()) {
            try {
                table.getValue().forEach(progress, row -> merge.take(table.getKey(), staged.of(table.getKey(), row)));
            } catch (DataAccessException e) {
                throw new BackupFault(table.getKey().entry(), "its rows do not fit those that are here");
            }
        }
        return merge.done();
    }
}

package vantbreeze.server.store;

import java.sql.Connection;
import java.sql.DatabaseMetaData;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Types;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The database as rows of plain values. Within a transaction of the store only. */
@Component
public class Tables {

    private final JdbcTemplate database;

    Tables(JdbcTemplate database) {
        this.database = database;
    }

    public List<Column> columns(Rows rows) {
        return database.execute((ConnectionCallback<List<Column>>) connection -> columns(connection, rows));
    }

    private static List<Column> columns(Connection connection, Rows rows) throws SQLException {
        List<Column> columns = new ArrayList<>();
        try (ResultSet found =
                connection.getMetaData().getColumns(null, "PUBLIC", rows.table().toUpperCase(Locale.ROOT), null)) {
            while (found.next()) {
                int type = found.getInt("DATA_TYPE");
                columns.add(new Column(
                        found.getString("COLUMN_NAME").toLowerCase(Locale.ROOT),
                        type,
                        type == Types.VARCHAR ? found.getInt("COLUMN_SIZE") : 0,
                        found.getInt("NULLABLE") == DatabaseMetaData.columnNullable));
            }
        }
        return List.copyOf(columns);
    }

    /** Every row, by its key; values that are null are left out. */
    public Map<String, Map<String, Object>> read(Rows rows) {
        Map<String, Map<String, Object>> read = new LinkedHashMap<>();
        List<Column> columns = columns(rows);
        database.query("select * from %s order by %s".formatted(rows.table(), rows.key()), (ResultSet found) -> {
            Map<String, Object> row = new LinkedHashMap<>();
            for (Column column : columns) {
                Object value = value(found, column);
                if (value != null) {
                    row.put(column.name(), value);
                }
            }
            read.put(String.valueOf(row.get(rows.key())), row);
        });
        return read;
    }

    private static Object value(ResultSet found, Column column) throws SQLException {
        if (column.isBytes()) {
            return found.getBytes(column.name());
        }
        return switch (column.type()) {
            case Types.CLOB, Types.VARCHAR, Types.CHAR -> found.getString(column.name());
            case Types.TIMESTAMP_WITH_TIMEZONE -> found.getObject(column.name(), java.time.OffsetDateTime.class);
            default -> found.getObject(column.name());
        };
    }

    public void insert(Rows rows, Map<String, Object> row) {
        List<String> names = List.copyOf(row.keySet());
        database.update(
                "insert into %s (%s) values (%s)"
                        .formatted(
                                rows.table(),
                                String.join(", ", names),
                                names.stream().map(n -> "?").collect(Collectors.joining(", "))),
                names.stream().map(row::get).toArray());
    }

    /** All of it but its key. */
    public void update(Rows rows, Map<String, Object> row) {
        List<String> names = columns(rows).stream()
                .map(Column::name)
                .filter(n -> !n.equals(rows.key()))
                .toList();
        List<Object> values = new ArrayList<>();
        names.forEach(n -> values.add(row.get(n)));
        values.add(row.get(rows.key()));
        database.update(
                "update %s set %s where %s = ?"
                        .formatted(
                                rows.table(),
                                names.stream().map(n -> n + " = ?").collect(Collectors.joining(", ")),
                                rows.key()),
                values.toArray());
    }

    /** Numbers that are not unique for a moment stand below nothing meanwhile. */
    public void renumber(String revision, int number) {
        database.update("update revision set number = ?, digest = null where id = ?", number, revision);
    }
}

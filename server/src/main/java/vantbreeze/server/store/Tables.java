package vantbreeze.server.store;

import jakarta.persistence.EntityManager;
import jakarta.persistence.Table;
import jakarta.persistence.metamodel.EntityType;
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
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import org.springframework.jdbc.core.ConnectionCallback;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.stereotype.Component;

/** The database as rows of plain values. Within a transaction of the store only. */
@Component
public class Tables {

    /** Some rows hold a photograph. */
    private static final int PAGE = 8;

    private final JdbcTemplate database;
    private final EntityManager entities;

    Tables(JdbcTemplate database, EntityManager entities) {
        this.database = database;
        this.entities = entities;
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

    public long count(Rows rows) {
        Long counted = database.queryForObject("select count(*) from %s".formatted(rows.table()), Long.class);
        return counted == null ? 0 : counted;
    }

    /** @return how much the rows' files are in all */
    public long bytes(Rows rows) {
        return columns(rows).stream()
                .filter(Column::isBytes)
                .map(column -> database.queryForObject(
                        "select coalesce(sum(octet_length(%s)), 0) from %s".formatted(column.name(), rows.table()),
                        Long.class))
                .mapToLong(Long::longValue)
                .sum();
    }

    /** Every row in the order of the keys, never more than one page of them at once; values that are null are left out. */
    public void forEach(Rows rows, Consumer<Map<String, Object>> work) {
        forEach(rows, "", List.of(), work);
    }

    /** As {@link #forEach(Rows, Consumer)}, of those that have the value in the column. */
    public void forEach(Rows rows, String column, Object value, Consumer<Map<String, Object>> work) {
        forEach(rows, " and %s = ?".formatted(column), List.of(value), work);
    }

    private void forEach(Rows rows, String condition, List<Object> values, Consumer<Map<String, Object>> work) {
        List<Column> columns = columns(rows);
        String query = "select * from %s where %s > ?%s order by %2$s limit %d"
                .formatted(rows.table(), rows.key(), condition, PAGE);
        String after = "";
        List<Map<String, Object>> page;
        do {
            List<Object> given = new ArrayList<>(List.of(after));
            given.addAll(values);
            page = database.query(query, (found, number) -> row(found, columns), given.toArray());
            page.forEach(work);
            after = page.isEmpty()
                    ? after
                    : String.valueOf(page.get(page.size() - 1).get(rows.key()));
        } while (page.size() == PAGE);
    }

    public Optional<Map<String, Object>> find(Rows rows, String key) {
        List<Column> columns = columns(rows);
        return database
                .query(
                        "select * from %s where %s = ?".formatted(rows.table(), rows.key()),
                        (found, number) -> row(found, columns),
                        key)
                .stream()
                .findFirst();
    }

    private static Map<String, Object> row(ResultSet found, List<Column> columns) throws SQLException {
        Map<String, Object> row = new LinkedHashMap<>();
        for (Column column : columns) {
            Object value = value(found, column);
            if (value != null) {
                row.put(column.name(), value);
            }
        }
        return row;
    }

    /** @return the digest that the row would have if it were written as it is now */
    public String digestNow(Rows rows, String key) {
        entities.clear();
        Kept kept = (Kept) entities.find(entity(rows), key);
        String digest = Digest.of(kept.content());
        entities.clear();
        return digest;
    }

    public void seal(Rows rows, String key) {
        database.update(
                "update %s set digest = ? where %s = ?".formatted(rows.table(), rows.key()), digestNow(rows, key), key);
    }

    private Class<?> entity(Rows rows) {
        String name = rows.table().replace("_", "");
        return entities.getMetamodel().getEntities().stream()
                .map(EntityType::getJavaType)
                .filter(type -> isOf(type, rows.table(), name))
                .findFirst()
                .orElseThrow();
    }

    private static boolean isOf(Class<?> entity, String table, String name) {
        Table told = entity.getAnnotation(Table.class);
        return told == null
                ? entity.getSimpleName().toLowerCase(Locale.ROOT).equals(name)
                : told.name().equals(table);
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
        database.update("update revision set number = ? where id = ?", number, revision);
    }
}

package vantbreeze.material;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;

/** Reads the commented tables that ship beside the classes: comma separated, {@code #} begins a comment line. */
public final class DataTable {

    private DataTable() {}

    /**
     * @param owner the class whose package holds the file
     * @param columns how many values each row must have
     * @return the rows in file order, values trimmed
     */
    public static List<List<String>> read(Class<?> owner, String file, int columns) {
        InputStream in = owner.getResourceAsStream(file);
        if (in == null) {
            throw new IllegalStateException("The table (%s) is missing beside %s.".formatted(file, owner.getName()));
        }
        try (BufferedReader reader = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return reader.lines()
                    .map(String::strip)
                    .filter(line -> !line.isEmpty() && !line.startsWith("#"))
                    .map(line -> row(file, line, columns))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<String> row(String file, String line, int columns) {
        List<String> values =
                List.of(line.split(",", -1)).stream().map(String::strip).toList();
        if (values.size() != columns) {
            throw new IllegalStateException("The row (%s) of %s must have %d values.".formatted(line, file, columns));
        }
        return values;
    }
}

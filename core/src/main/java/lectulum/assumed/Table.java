package lectulum.assumed;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/// Reads the tables that ship with the program; each says in its first line where its numbers come from.
public final class Table {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true)
            .setCommentMarker('#').setTrim(true).get();

    private Table() {
    }

    /// The rows of the table `name`.
    public static List<CSVRecord> rows(String name) {
        try (InputStream in = Table.class.getResourceAsStream("/lectulum/assumed/" + name + ".csv")) {
            return FORMAT.parse(new InputStreamReader(in, StandardCharsets.UTF_8)).getRecords();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    public static double number(CSVRecord row, String column) {
        return Double.parseDouble(row.get(column));
    }
}

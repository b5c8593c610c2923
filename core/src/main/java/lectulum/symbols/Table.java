package lectulum.symbols;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/// The resources of the symbols.
final class Table {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true)
            .setTrim(true).setCommentMarker('#').get();

    private Table() {
    }

    static List<Map<String, String>> read(String file) {
        try (InputStreamReader in = new InputStreamReader(
                Table.class.getResourceAsStream("/lectulum/symbols/" + file), StandardCharsets.UTF_8)) {
            return FORMAT.parse(in).stream().map(CSVRecord::toMap).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

package glanzen.app.web;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.jspecify.annotations.Nullable;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;

/** Tables as CSV (RFC 4180): with a byte-order mark and another separator on wish, and no cell that a spreadsheet would run. */
public final class Csv {

    private static final String MARK = "\ufeff";
    private static final Pattern RUN = Pattern.compile("^[=+\\-@\t\r]");
    private static final Pattern NUMBER = Pattern.compile("-?\\d+([.,]\\d+)?");

    /** What stands between two cells. */
    public enum Separator {
        COMMA(','),
        SEMICOLON(';'),
        TAB('\t');

        private final char sign;

        Separator(char sign) {
            this.sign = sign;
        }
    }

    private Csv() {}

    /**
     * A table.
     *
     * @param name of the file, without its ending
     * @param marked whether it begins with a byte-order mark, as some spreadsheets want
     * @param rows cells; nothing is an empty one
     */
    public static ResponseEntity<byte[]> file(
            String name, Separator separator, boolean marked, List<String> header, Stream<? extends List<?>> rows) {
        StringWriter text = new StringWriter();
        text.write(marked ? MARK : "");
        CSVFormat format = CSVFormat.RFC4180
                .builder()
                .setDelimiter(separator.sign)
                .setHeader(header.toArray(String[]::new))
                .get();
        try (CSVPrinter csv = new CSVPrinter(text, format)) {
            rows.forEach(row -> print(csv, row.stream().map(Csv::cell).toList()));
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
        return ResponseEntity.ok()
                .header(
                        HttpHeaders.CONTENT_DISPOSITION,
                        ContentDisposition.attachment()
                                .filename(name + ".csv", StandardCharsets.UTF_8)
                                .build()
                                .toString())
                .contentType(new MediaType("text", "csv", StandardCharsets.UTF_8))
                .body(text.toString().getBytes(StandardCharsets.UTF_8));
    }

    private static void print(CSVPrinter csv, List<String> row) {
        try {
            csv.printRecord(row);
        } catch (IOException never) {
            throw new UncheckedIOException(never);
        }
    }

    /** A figure as it is written by machines; words that a spreadsheet would take for a formula are set off. */
    private static String cell(@Nullable Object value) {
        if (value == null) {
            return "";
        }
        if (value instanceof Double figure) {
            return String.format(Locale.ROOT, "%.3f", figure).replaceAll("\\.?0+$", "");
        }
        String text = value.toString();
        boolean runs = RUN.matcher(text).find() && !NUMBER.matcher(text).matches();
        return runs ? "'" + text : text;
    }
}

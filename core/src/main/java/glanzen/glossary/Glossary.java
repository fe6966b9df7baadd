package glanzen.glossary;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Objects;

/** The craft's words, explained in a sentence or two each. */
public final class Glossary {

    private static final List<Term> ALL = read();

    private Glossary() {}

    /**
     * A word of the craft.
     *
     * @param word as it stands on the screen
     * @param says what it means
     */
    public record Term(String word, String says) {}

    /** All words in alphabetical order. */
    public static List<Term> all() {
        return ALL;
    }

    private static List<Term> read() {
        try (InputStream in = Objects.requireNonNull(Glossary.class.getResourceAsStream("glossary.tsv"));
                BufferedReader lines = new BufferedReader(new InputStreamReader(in, StandardCharsets.UTF_8))) {
            return lines.lines()
                    .map(line -> line.split("\t"))
                    .map(column -> new Term(column[0], column[1]))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}

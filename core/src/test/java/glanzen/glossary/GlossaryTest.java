package glanzen.glossary;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.glossary.Glossary.Term;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class GlossaryTest {

    private static final Path PAGE = Path.of("../docs/glossary.md");

    @Test
    void everyWordStandsOnceInOrderAndIsExplainedInOneOrTwoSentences() {
        List<String> words = Glossary.all().stream().map(Term::word).toList();
        assertEquals(new TreeSet<>(words).stream().toList(), words);
        assertTrue(words.size() >= 60, words.size() + " words");
        for (Term term : Glossary.all()) {
            String[] sentences = term.says().split("(?<=[.;:]) ");
            assertTrue(sentences.length <= 3 && term.says().endsWith("."), term.toString());
            for (String sentence : sentences) {
                assertTrue(sentence.split(" ").length <= 22, sentence);
            }
        }
    }

    /** Written anew by -Dglossary.write=true. */
    @Test
    void thePageIsMadeOfIt() throws IOException {
        String page = Glossary.all().stream()
                .map(t -> "**" + t.word() + "**: " + t.says())
                .collect(Collectors.joining("\n\n", "# Glossary\n\n", "\n"));
        if (Boolean.getBoolean("glossary.write")) {
            Files.writeString(PAGE, page);
        }
        assertEquals(Files.readString(PAGE), page);
    }
}

package glanzen.app.vocabulary;

import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class VocabularyController {

    private static final Vocabulary WORDS = Vocabulary.ofTheCraft();

    /** The craft's words, ranges, orders and starting values. */
    @GetMapping("/api/vocabulary")
    Vocabulary vocabulary() {
        return WORDS;
    }
}

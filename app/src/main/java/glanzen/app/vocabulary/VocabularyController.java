package glanzen.app.vocabulary;

import io.swagger.v3.oas.annotations.Operation;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class VocabularyController {

    private final Vocabulary words;

    VocabularyController(@Value("${glanzen.demo}") boolean demo) {
        this.words = Vocabulary.ofTheCraft(demo);
    }

    /** The craft's words, ranges, orders and starting values. */
    @Operation(summary = "What a page must know of the craft before anything is asked")
    @GetMapping("/api/vocabulary")
    Vocabulary vocabulary() {
        return words;
    }
}

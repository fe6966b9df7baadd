package glanzen.app.card;

import glanzen.app.card.CardService.SavedCard;
import glanzen.app.card.CardView.CutThrough;
import glanzen.card.CardPlan;
import glanzen.card.CutLine;
import glanzen.measure.Checks;
import glanzen.plan.Job;
import io.swagger.v3.oas.annotations.Operation;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@RequestMapping("/api/cards")
class CardController {

    private final CardService cards;

    CardController(CardService cards) {
        this.cards = cards;
    }

    @Operation(summary = "All cards; each belongs to a job")
    @GetMapping
    List<SavedCard> all() {
        return cards.all();
    }

    @Operation(summary = "The card of a job")
    @GetMapping("/{jobId}")
    SavedCard get(@PathVariable String jobId) {
        return cards.get(jobId);
    }

    @Operation(summary = "Changes the card of a job on the version it was read as; pieces take the sizes it gives them")
    @PutMapping("/{jobId}")
    SavedCard change(@PathVariable String jobId, @RequestParam long version, @RequestBody CardPlan card) {
        return cards.change(jobId, card, version);
    }

    /** A job with its card as it stands on the page. */
    @Operation(
            summary = "Sizes, heights, what is seen, foam, joints, order and findings of a card that need not be kept",
            description = "The draft is a job with its card. It is cut through its middle.")
    @PostMapping("/look")
    CardView look(@RequestBody Job draft) {
        return cards.look(draft);
    }

    /** A job with its card, and where it is cut. */
    record CutQuestion(Job draft, CutLine line) {
        CutQuestion {
            new Checks()
                    .present("draft", draft, "a job with its card")
                    .present("line", line, "where it is cut")
                    .done();
        }
    }

    @Operation(summary = "A card that need not be kept, cut through along any line")
    @PostMapping("/cut")
    CutThrough cut(@RequestBody CutQuestion asked) {
        return cards.cut(asked.draft(), asked.line());
    }

    @Operation(summary = "A first way of putting the pieces of a job together")
    @PostMapping("/first")
    CardPlan first(@RequestBody Job draft) {
        return cards.first(draft);
    }

    @Operation(summary = "A job with a plain panel more inside its card")
    @PostMapping("/inside")
    Job inside(@RequestBody Job draft) {
        return cards.insidePanel(draft);
    }

    @Operation(summary = "A card with one piece placed as words say")
    @PostMapping("/placed")
    CardPlan placed(@RequestBody CardPlan card, @RequestParam String key, @RequestParam String words) {
        return cards.placed(card, key, words);
    }

    @Operation(summary = "A card with one piece moved by hand, to the right and up")
    @PostMapping("/moved")
    CardPlan moved(
            @RequestBody CardPlan card,
            @RequestParam String key,
            @RequestParam double rightMm,
            @RequestParam double upMm) {
        return card.moved(key, rightMm, upMm);
    }

    @Operation(summary = "A card with one piece on other foam, or flat")
    @PostMapping("/raised")
    CardPlan raised(@RequestBody CardPlan card, @RequestParam String key, @RequestParam double foamMm) {
        return card.changing(key, m -> m.raised(foamMm));
    }

    @Operation(summary = "A card with one more piece, in the middle of the front or of the inside")
    @PostMapping("/mounted")
    CardPlan mounted(@RequestBody CardPlan card, @RequestParam String piece, @RequestParam String on) {
        return card.mounting(piece, on);
    }

    @Operation(summary = "A card without one piece; what lay on it lies on what it lay on")
    @PostMapping("/without")
    CardPlan without(@RequestBody CardPlan card, @RequestParam String key) {
        return card.without(key);
    }
}

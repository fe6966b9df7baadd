package glanzen.app.vocabulary;

import glanzen.card.Base;
import glanzen.card.Fold;
import glanzen.card.Mounted;
import glanzen.card.Way;
import glanzen.forecast.Forecast;
import glanzen.glossary.Glossary;
import glanzen.kit.Board;
import glanzen.kit.Envelope;
import glanzen.kit.Film;
import glanzen.kit.FoamSheet;
import glanzen.kit.HeatedRollers;
import glanzen.kit.ItemForm;
import glanzen.kit.ItemForms;
import glanzen.kit.Leftover;
import glanzen.kit.Offcut;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Platform;
import glanzen.kit.Press;
import glanzen.kit.PressFeel;
import glanzen.kit.Starts;
import glanzen.kit.Stock;
import glanzen.layout.Wording;
import glanzen.learning.StripGauge;
import glanzen.material.PaperWeight;
import glanzen.plan.Operation;
import glanzen.route.Heating;
import glanzen.route.Medium;
import glanzen.route.Peel;
import glanzen.route.RouteGroup;
import glanzen.setup.Gel;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.steps.RunState;
import glanzen.transfer.Drying;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/**
 * The craft's words and ranges as the page needs them; each stands once, in the core.
 *
 * @param forms how things of each shelf are entered
 * @param starts what a new thing starts from
 * @param groups routes as they are looked for
 * @param operations what is done to a piece, in the usual order
 * @param heatings what lies on a platform during the soak
 * @param paces how fast a stack is fed, slowest first
 * @param media ink or paint under the foil, or on a plate
 * @param peels ways of peeling
 * @param bulks bulks of paper
 * @param feels how heavy presses are
 * @param gel about gel
 * @param cards about putting a card together
 * @param dieKinds kinds of plates that cut
 * @param limits what can be asked for at most
 * @param glossary words of the craft and what they mean
 * @param simulated whether machines are simulated here, as in the demo
 */
record Vocabulary(
        List<ItemForm> forms,
        ItemStarts starts,
        List<GroupWord> groups,
        List<OperationWord> operations,
        List<HeatingWord> heatings,
        List<PaceWord> paces,
        List<MediumWord> media,
        List<Peel.Named> peels,
        List<PaperWeight.Bulk> bulks,
        List<FeelWord> feels,
        GelWords gel,
        CardWords cards,
        List<Plate.Kind> dieKinds,
        Limits limits,
        List<Glossary.Term> glossary,
        boolean simulated) {

    /** What a new thing of each shelf starts from. */
    record ItemStarts(
            Press presses,
            Platform platforms,
            HeatedRollers rollers,
            Board boards,
            Plate plates,
            Stock stocks,
            Film films,
            Leftover leftovers,
            Offcut offcuts,
            FoamSheet foams,
            Envelope envelopes) {}

    /** A group of routes; a name for it in full and in a narrow place. */
    record GroupWord(RouteGroup group, String name, String inShort) {}

    /** An operation, and whether it lays foil or flock. */
    record OperationWord(Operation.Kind kind, String label, boolean lays) {}

    record HeatingWord(Heating heating, String label) {}

    record PaceWord(Pace pace, String label) {}

    record MediumWord(Medium medium, String label) {}

    record FeelWord(PressFeel feel, String label) {}

    /**
     * About gel.
     *
     * @param clear dryness from which it looks clear
     * @param sound dryness from which it takes foil or flock
     * @param usual a thin coat after a day
     */
    record GelWords(double clear, double sound, Gel usual) {}

    /**
     * About putting a card together.
     *
     * @param envelopes usual ones
     * @param front what lies on the outside of the front lies on
     * @param inside what lies inside lies on
     * @param places what words place a piece
     */
    record CardWords(
            List<FoldWord> folds,
            List<GrainWord> grains,
            List<WayWord> ways,
            List<Envelope> envelopes,
            String front,
            String inside,
            String places) {}

    record FoldWord(Fold fold, String label, boolean opens) {}

    record GrainWord(Base.Grain grain, String label) {}

    record WayWord(Way way, String label) {}

    private static CardWords cardWords() {
        return new CardWords(
                Arrays.stream(Fold.values())
                        .map(f -> new FoldWord(f, f.label(), f.opens()))
                        .toList(),
                Arrays.stream(Base.Grain.values())
                        .map(g -> new GrainWord(g, g.label()))
                        .toList(),
                Arrays.stream(Way.values()).map(w -> new WayWord(w, w.label())).toList(),
                Envelope.USUAL,
                Mounted.FRONT,
                Mounted.INSIDE,
                Wording.ACCEPTED);
    }

    /**
     * What can be asked for at most, and what is noticed.
     *
     * @param passes trips through a machine
     * @param pulls good pulls of one run
     * @param heatSeconds longest soak or warm-up, s
     * @param driedSeconds longest drying of gel, s
     * @param humidity dampest room
     * @param turnAtMm bow from which a board wants turning, mm
     * @param carriesMm thinnest board that carries strips for measuring a press, mm
     * @param likelyRefused share of rigs that refuse a stack from which it is said
     * @param burnsC temperature from which a heater burns, °C
     */
    record Limits(
            int passes,
            int pulls,
            double heatSeconds,
            double driedSeconds,
            double humidity,
            double turnAtMm,
            double carriesMm,
            double likelyRefused,
            double burnsC) {}

    static Vocabulary ofTheCraft(boolean simulated) {
        return new Vocabulary(
                ItemForms.ALL,
                new ItemStarts(
                        Starts.PRESS,
                        Starts.PLATFORM,
                        Starts.ROLLERS,
                        Starts.BOARD,
                        Starts.PLATE,
                        Starts.STOCK,
                        Starts.FILM,
                        Starts.LEFTOVER,
                        Starts.OFFCUT,
                        Starts.FOAM,
                        Starts.ENVELOPE),
                Arrays.stream(RouteGroup.values())
                        .map(g -> new GroupWord(g, g.label(), g.inShort()))
                        .toList(),
                Arrays.stream(Operation.Kind.values())
                        .map(k -> new OperationWord(k, k.label(), k.lays()))
                        .toList(),
                Arrays.stream(Heating.values())
                        .map(h -> new HeatingWord(h, h.label()))
                        .toList(),
                Arrays.stream(Pace.values())
                        .map(p -> new PaceWord(p, p.label()))
                        .toList(),
                Arrays.stream(Medium.values())
                        .map(m -> new MediumWord(m, m.label()))
                        .toList(),
                Peel.USUAL,
                PaperWeight.USUAL,
                Arrays.stream(PressFeel.values())
                        .map(f -> new FeelWord(f, f.label()))
                        .toList(),
                new GelWords(Drying.CLEAR, Drying.SOUND, Gel.USUAL),
                cardWords(),
                Stream.of(Plate.Kind.values()).filter(Plate.Kind::cuts).toList(),
                new Limits(
                        SetUp.MOST_PASSES,
                        RunState.MOST,
                        Heat.LONGEST_SECONDS,
                        Gel.LONGEST_SECONDS,
                        Gel.MOST_HUMIDITY,
                        Board.TURN_AT_MM,
                        StripGauge.CARRIES_MM,
                        Forecast.LIKELY_REFUSED,
                        Platform.BURNS_C),
                Glossary.all(),
                simulated);
    }
}

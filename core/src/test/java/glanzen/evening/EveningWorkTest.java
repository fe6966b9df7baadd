package glanzen.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.plan.Job;
import glanzen.plan.JobPiece;
import glanzen.plan.Operation;
import glanzen.plan.Operation.Kind;
import glanzen.route.Route;
import glanzen.schedule.Check;
import glanzen.schedule.Greedy;
import glanzen.schedule.Heater;
import glanzen.schedule.Hours;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Workload;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Jobs become tasks that are as much work as they are, in an order that works. */
class EveningWorkTest {

    private static final SetUp FOIL = Bench.setUp(Route.HOT_PLATE, Bench.WORDS, 0, 30);
    private static final SetUp DIE = Crafts.started(Route.THIN_CUT);
    private static final Map<String, SetUp> SET_UPS =
            Map.of("foil", FOIL, "die", DIE, "flock", Crafts.started(Route.FLOCK));
    private static final WarmUps HEATERS = new WarmUps(heater -> OptionalDouble.empty());
    private static final Times USUAL = new Times(HEATERS, OwnPace.USUAL, Bench.KNOWN);

    private static Operation by(Kind kind, String setUp) {
        return new Operation(kind, "", setUp);
    }

    private static EveningWork work(int cards, Set<String> proven, Operation... operations) {
        JobPiece piece = new JobPiece("Panel", Bench.SMOOTH.id(), 1, 90, 60, List.of(operations));
        Job job = new Job("Cards", cards, List.of(piece));
        return EveningWork.of(List.of(new Wanted("job", job, SET_UPS, proven, List.of())), USUAL);
    }

    private static int count(EveningWork work, String title) {
        return work.blocks().values().stream()
                .filter(b -> b.title().startsWith(title))
                .mapToInt(Block::count)
                .sum();
    }

    private static Workload evening(EveningWork work, int hours) {
        return new Workload(
                work.tasks(), work.heaters(), List.of(new Hours(0, 3600 * hours)), 1, Map.of(), List.of(), Map.of());
    }

    @Test
    void everyCardGoesThroughEveryOperationInStretchesOfTwentyMinutes() {
        EveningWork work = work(
                50, Set.of("foil", "die"), by(Kind.HOT_FOIL, "foil"), by(Kind.CUT, "die"), Operation.of(Kind.ASSEMBLE));
        assertEquals(50, count(work, "Foil "));
        assertEquals(50, count(work, "Cut Panel"));
        assertEquals(50, count(work, "Put the cards"));
        work.tasks().forEach(t -> assertTrue(t.seconds() <= 20 * 60 + 30, t + ""));
        Workload evening = evening(work, 8);
        Schedule plan = Greedy.plan(evening);
        assertEquals(List.of(), Check.of(evening, plan));
        assertEquals(0, plan.cost(evening).leftSeconds());
        Task cut = first(work, "Cut Panel");
        Task foil = first(work, "Foil ");
        assertTrue(plan.start(cut) >= plan.end(foil), "foiled before it is cut");
        assertEquals(1, plan.spells(evening).size(), "heated up once");
    }

    private static Task first(EveningWork work, String title) {
        return work.tasks().stream()
                .filter(t -> work.blocks().get(t.id()).title().startsWith(title))
                .findFirst()
                .orElseThrow();
    }

    @Test
    void whatHasNeverComeOutIsTriedOnScrapBeforeTheBatch() {
        EveningWork work = work(10, Set.of(), by(Kind.HOT_FOIL, "foil"));
        Task scrap = first(work, "Test on scrap");
        assertTrue(scrap.risky());
        assertTrue(first(work, "Foil ").after().stream().anyMatch(a -> a.task().equals(scrap.id())));
        assertEquals(0, count(work(10, Set.of("foil"), by(Kind.HOT_FOIL, "foil")), "Test on scrap"));
    }

    @Test
    void inkAndGelDryBetweenAndGelNotForEver() {
        EveningWork work = work(
                4,
                Set.of("foil"),
                Operation.of(Kind.INK),
                Operation.of(Kind.DRY),
                by(Kind.HOT_FOIL, "foil"),
                Operation.of(Kind.GEL),
                Operation.of(Kind.GEL_DRY),
                by(Kind.FLOCK, "flock"));
        assertTrue(first(work, "Foil ").after().stream().anyMatch(a -> a.leastSeconds() == 1800));
        Task flock = first(work, "Flock");
        Task.After gel = flock.after().get(0);
        int longer = Math.max(flock.seconds(), first(work, "Spread gel").seconds());
        assertTrue(gel.leastSeconds() > 3600);
        assertEquals(7 * 24 * 3600 - longer, gel.mostSeconds(), "the first panel is not too old either");
    }

    @Test
    void aWaitThatComesLastHoldsForThePuttingTogether() {
        EveningWork inked =
                work(4, Set.of(), Operation.of(Kind.INK), Operation.of(Kind.DRY), Operation.of(Kind.ASSEMBLE));
        Task.After ink = first(inked, "Put the cards").after().get(0);
        assertEquals(first(inked, "Ink").id(), ink.task());
        assertEquals(1800, ink.leastSeconds());

        EveningWork gelled =
                work(4, Set.of(), Operation.of(Kind.GEL), Operation.of(Kind.GEL_DRY), Operation.of(Kind.ASSEMBLE));
        assertTrue(first(gelled, "Put the cards").after().get(0).leastSeconds() > 3600);
    }

    @Test
    void gelThatIsOnTheBenchIsNotSpreadOnceMore() {
        JobPiece piece = new JobPiece(
                "Panel",
                Bench.SMOOTH.id(),
                1,
                90,
                60,
                List.of(
                        Operation.of(Kind.INK),
                        Operation.of(Kind.DRY),
                        Operation.of(Kind.GEL),
                        Operation.of(Kind.GEL_DRY),
                        by(Kind.FLOCK, "flock")));
        Job job = new Job("Cards", 30, List.of(piece));
        List<Wanted.GelOnBench> gel =
                List.of(new Wanted.GelOnBench(0, 0, 90_000), new Wanted.GelOnBench(0, 1200, 80_000));
        EveningWork work =
                EveningWork.of(List.of(new Wanted("job", job, SET_UPS, Set.of("flock"), List.of(), gel)), USUAL);
        assertEquals(28, count(work, "Ink"), "what has its gel was inked before");
        assertEquals(28, count(work, "Spread gel"));
        assertEquals(30, count(work, "Flock"));
        Task bench = first(work, "Flock");
        assertEquals(2, work.blocks().get(bench.id()).count(), "those that have their own age");
        assertTrue(work.tasks().stream()
                .noneMatch(t -> t.after().stream().anyMatch(a -> a.task().equals(bench.id()))));
        Job two = new Job("Cards", 2, List.of(piece));
        EveningWork all =
                EveningWork.of(List.of(new Wanted("job", two, SET_UPS, Set.of("flock"), List.of(), gel)), USUAL);
        assertEquals(0, count(all, "Spread gel"));
        Task flock = first(all, "Flock");
        assertEquals(1200, flock.notBefore());
        assertEquals(80_000, flock.notAfter());
        assertTrue(flock.after().stream()
                .noneMatch(a -> all.blocks().get(a.task()).title().startsWith("Spread gel")));
    }

    @Test
    void twoPeopleTrimSideBySide() {
        JobPiece piece = new JobPiece("Panel", Bench.SMOOTH.id(), 1, 90, 60, List.of(Operation.of(Kind.TRIM)));
        Wanted wanted = new Wanted("job", new Job("Cards", 40, List.of(piece)), Map.of(), Set.of(), List.of());
        EveningWork work = EveningWork.of(List.of(wanted), new Times(HEATERS, OwnPace.USUAL, Bench.KNOWN, 2));
        assertEquals(40, count(work, "Trim"));
        Block first = work.blocks().get(work.tasks().get(0).id());
        Block last = work.blocks().get(work.tasks().get(work.tasks().size() - 1).id());
        assertEquals("Trim Panel, 1–" + first.count() + " of 40", first.says());
        assertEquals("Trim Panel, all 40", first.says(last));
        Workload two =
                new Workload(work.tasks(), List.of(), List.of(new Hours(0, 3600)), 2, Map.of(), List.of(), Map.of());
        int hands = work.tasks().stream().mapToInt(Task::seconds).sum();
        assertEquals(
                hands / 2,
                two.tasks().stream().mapToInt(Greedy.plan(two)::end).max().orElseThrow(),
                30);
    }

    @Test
    void whatNoSetUpDoesIsLeftOutWithWhatWaitsForIt() {
        EveningWork work = work(
                12,
                Set.of("foil", "die"),
                by(Kind.HOT_FOIL, "foil"),
                Operation.of(Kind.CUT),
                Operation.of(Kind.TRIM),
                Operation.of(Kind.ASSEMBLE));
        assertEquals(12, count(work, "Foil "), "what comes before it is planned");
        assertEquals(0, count(work, "Cut Panel"));
        assertEquals(0, count(work, "Trim"));
        assertEquals(0, count(work, "Put the cards"), "a card wants all its pieces");
    }

    @Test
    void trimmingIsDoneWhileOthersSoakIfThereIsRoomForIt() {
        SetUp slow = FOIL.withSoak(120);
        JobPiece piece = new JobPiece(
                "Panel", Bench.SMOOTH.id(), 1, 90, 60, List.of(by(Kind.HOT_FOIL, "slow"), Operation.of(Kind.TRIM)));
        Wanted wanted =
                new Wanted("job", new Job("Cards", 9, List.of(piece)), Map.of("slow", slow), Set.of("slow"), List.of());
        EveningWork work = EveningWork.of(List.of(wanted), USUAL);
        assertEquals(0, count(work, "Trim"));
        assertTrue(work.tasks().stream().mapToInt(Task::seconds).sum() >= 9 * 120);
        assertTrue(
                work.blocks().values().iterator().next().round().cycle().says().contains("trim one"));
        assertEquals(9, count(work(9, Set.of("foil"), Operation.of(Kind.TRIM)), "Trim"));
    }

    @Test
    void whatWasToldOfAHeaterCountsMoreThanItsFigures() {
        Heater figures = work(1, Set.of(), by(Kind.HOT_FOIL, "foil")).heaters().get(0);
        WarmUps told = new WarmUps(heater -> OptionalDouble.of(777));
        JobPiece piece = new JobPiece("Panel", Bench.SMOOTH.id(), 1, 90, 60, List.of(by(Kind.HOT_FOIL, "foil")));
        Heater own = EveningWork.of(
                        List.of(new Wanted("job", new Job("Card", 1, List.of(piece)), SET_UPS, Set.of(), List.of())),
                        new Times(told, OwnPace.USUAL, Bench.KNOWN))
                .heaters()
                .get(0);
        assertEquals(777, own.warmUpSeconds().get(0));
        assertTrue(figures.warmUpSeconds().get(0) != 777);
    }

    @Test
    void whoTookLongerIsPlannedMoreAndOnceCountsLittle() {
        OwnPace slow = OwnPace.of(List.of(new OwnPace.Took("foil", 1200, 1800)));
        assertEquals(1.25, slow.factor("foil"), 1e-9);
        assertEquals(1, slow.factor("die"), 1e-9);
        assertEquals(1, OwnPace.of(List.of(new OwnPace.Took("foil", 600, 6000))).factor("foil"), 1e-9, "a break");
        JobPiece piece = new JobPiece("Panel", Bench.SMOOTH.id(), 1, 90, 60, List.of(by(Kind.HOT_FOIL, "foil")));
        Wanted wanted = new Wanted("job", new Job("Cards", 6, List.of(piece)), SET_UPS, Set.of("foil"), List.of());
        int usual = first(EveningWork.of(List.of(wanted), USUAL), "Foil ").seconds();
        Task own = first(EveningWork.of(List.of(wanted), new Times(HEATERS, slow, Bench.KNOWN)), "Foil ");
        assertEquals(1.25 * usual, own.seconds(), 2);
    }

    @Test
    void whatDoesNotFitSaysWhatWouldMakeItPossible() {
        EveningWork work = work(80, Set.of("foil"), by(Kind.HOT_FOIL, "foil"));
        Workload evening = evening(work, 1);
        Schedule plan = Greedy.plan(evening);
        List<WayOut> ways = WayOut.of(evening, plan, work.blocks(), 0);
        WayOut fewer = ways.stream()
                .filter(w -> w.kind() == WayOut.Kind.FEWER)
                .findFirst()
                .orElseThrow();
        int done = 80 - fewer.cards();
        Workload less = evening(work(done, Set.of("foil"), by(Kind.HOT_FOIL, "foil")), 1);
        assertEquals(0, Greedy.plan(less).cost(less).leftSeconds(), "so many fewer do fit");
        ways.stream().filter(w -> w.kind() == WayOut.Kind.LONGER).forEach(w -> {
            Workload longer = evening.with(List.of(new Hours(0, 3600 + w.seconds())), 1);
            assertEquals(0, Greedy.plan(longer).cost(longer).leftSeconds());
        });
        assertEquals(List.of(), WayOut.of(evening(work, 9), Greedy.plan(evening(work, 9)), work.blocks(), 0));
    }

    @Test
    void fewerAreWholeCardsAndNeverAllOfThem() {
        JobPiece two = new JobPiece("Panel", Bench.SMOOTH.id(), 2, 90, 60, List.of(by(Kind.HOT_FOIL, "foil")));
        Job job = new Job("Cards", 30, List.of(two));
        EveningWork work = EveningWork.of(List.of(new Wanted("job", job, SET_UPS, Set.of("foil"), List.of())), USUAL);
        Workload evening = evening(work, 1);
        int fewer = WayOut.of(evening, Greedy.plan(evening), work.blocks(), 0).stream()
                .filter(w -> w.kind() == WayOut.Kind.FEWER)
                .findFirst()
                .orElseThrow()
                .cards();
        assertTrue(fewer > 0 && fewer < 30, fewer + " of 30 cards, each with two panels");
        Job less = new Job("Cards", 30 - fewer, List.of(two));
        EveningWork rest = EveningWork.of(List.of(new Wanted("job", less, SET_UPS, Set.of("foil"), List.of())), USUAL);
        Workload fits = evening(rest, 1);
        assertEquals(0, Greedy.plan(fits).cost(fits).leftSeconds(), "so many fewer do fit");

        EveningWork none =
                work(2, Set.of("foil"), Operation.of(Kind.GEL), Operation.of(Kind.GEL_DRY), by(Kind.FLOCK, "flock"));
        Workload short1 = evening(none, 1);
        List<WayOut> ways = WayOut.of(short1, Greedy.plan(short1), none.blocks(), 0);
        assertTrue(ways.stream().noneMatch(w -> w.kind() == WayOut.Kind.FEWER), "one card less dries no sooner");
        assertTrue(ways.stream().noneMatch(w -> w.kind() == WayOut.Kind.EARLIER), "nobody begins before now");
        Workload late = short1.with(List.of(new Hours(10 * 3600, 11 * 3600)), 1);
        WayOut earlier = WayOut.of(late, Greedy.plan(late), none.blocks(), 0).stream()
                .filter(w -> w.kind() == WayOut.Kind.EARLIER)
                .findFirst()
                .orElseThrow();
        assertTrue(earlier.seconds() >= 0 && earlier.seconds() < 10 * 3600);
    }
}

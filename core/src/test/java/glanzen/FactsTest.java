package glanzen;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.advice.Advice;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.advice.FirstStack;
import glanzen.advice.Proposal;
import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Diagnosis;
import glanzen.diagnosis.NextChange;
import glanzen.diagnosis.Ticked;
import glanzen.evening.Block;
import glanzen.evening.EveningWork;
import glanzen.evening.OwnPace;
import glanzen.evening.Times;
import glanzen.evening.Wanted;
import glanzen.evening.WarmUps;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.forecast.Twenty;
import glanzen.learning.Belief;
import glanzen.learning.Learner;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.learning.Rigged;
import glanzen.plan.Job;
import glanzen.plan.JobPiece;
import glanzen.plan.Operation;
import glanzen.pull.Trouble;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Difference;
import glanzen.setup.SetUp;
import glanzen.start.StartingStack;
import glanzen.steps.Round;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.LongStream;
import org.junit.jupiter.api.Test;

/** A fact that two places show has one owner: whatever somebody owns, the places say the same. More: {@code -Dfacts=200}. */
class FactsTest {

    private static final int SHOPS = Integer.getInteger("facts", 3);
    private static final long FIRST_SEED = 9000;
    private static final RigEnsemble FRESH = RigEnsemble.fresh();

    private interface Fact {
        void holds(AnyShop shop, Forecaster forecaster, SetUp setUp, String where);
    }

    /** On the first stack of every route in every workshop, where it can be pressed. */
    private static void everywhere(Fact fact) {
        everywhere(SHOPS, fact);
    }

    private static void everywhere(int shops, Fact fact) {
        int tried = 0;
        for (long seed : LongStream.range(FIRST_SEED, FIRST_SEED + shops).toArray()) {
            AnyShop shop = new AnyShop(seed);
            Forecaster forecaster = new Forecaster(shop.inventory.artworks());
            for (Route route : Route.values()) {
                SetUp s = StartingStack.of(shop.pick(route), shop.inventory);
                if (Rules.computable(s) && Rules.pullable(Rules.check(s, shop.inventory))) {
                    fact.holds(shop, forecaster, s, "workshop " + seed + ", " + route);
                    tried++;
                }
            }
        }
        assertTrue(tried > 8 * shops, tried + " tried");
    }

    private static int of(Twenty twenty, Trouble.Side side) {
        return twenty.reasons().stream()
                .filter(r -> r.trouble().side() == side)
                .mapToInt(Twenty.Reason::pulls)
                .sum();
    }

    @Test
    void headlineMarksAndReasonsCountTheSame() {
        everywhere((shop, forecaster, s, where) -> {
            Twenty twenty = forecaster.forecast(s, FRESH).twenty();
            assertEquals(20, twenty.under() + twenty.clean() + twenty.over() + twenty.refused(), where);
            assertEquals(twenty.under(), of(twenty, Trouble.Side.UNDER), where + twenty);
            assertEquals(twenty.over(), of(twenty, Trouble.Side.OVER), where + twenty);
            assertEquals(twenty.refused(), of(twenty, Trouble.Side.REFUSED), where + twenty);
        });
    }

    @Test
    void whatAdviceSaysOfAChangeIsTheForecastOfThatDraftAndBetter() {
        everywhere((shop, forecaster, s, where) -> {
            Forecast now = forecaster.forecast(s, FRESH);
            Advice advice = new Advisor(forecaster, shop.inventory).advise(s, FRESH, ErrorBias.EVEN);
            Set<List<String>> said = new HashSet<>();
            for (Proposal p : advice.proposals()) {
                assertEquals(
                        forecaster.forecast(p.setUp(), FRESH).twenty(),
                        p.forecast().twenty(),
                        where);
                assertTrue(p.forecast().twenty().clean() > now.twenty().clean(), where + p.changes());
                assertTrue(Rules.pullable(Rules.check(p.setUp(), shop.inventory)), where);
                assertFalse(p.changes().isEmpty(), where);
                assertTrue(said.add(p.changes().stream().map(Difference::change).toList()), where + ": said twice");
            }
            SetUp first = FirstStack.of(s, forecaster, shop.inventory, FRESH);
            assertTrue(forecaster.forecast(first, FRESH).clean() >= now.clean() - 1e-9, where);
        });
    }

    @Test
    void jobRunAndEveningSayTheSameOfAPullsTime() {
        everywhere((shop, forecaster, s, where) -> {
            Round.Known known = new Round.Known() {
                @Override
                public double clean(SetUp setUp) {
                    return forecaster.forecast(setUp, FRESH).clean();
                }

                @Override
                public OptionalDouble readyAgainSeconds(String platformId) {
                    return OptionalDouble.empty();
                }
            };
            Operation.Kind kind = Arrays.stream(Operation.Kind.values())
                    .filter(k -> k.doneBy(s.route()))
                    .findFirst()
                    .orElse(null);
            if (kind == null) {
                return;
            }
            JobPiece piece =
                    new JobPiece("Piece", s.stock().id(), 1, 90, 60, List.of(new Operation(kind, "", "set-up")));
            Wanted wanted = new Wanted(
                    "job", new Job("Cards", 12, List.of(piece)), Map.of("set-up", s), Set.of("set-up"), List.of());
            Times times = new Times(new WarmUps(heater -> OptionalDouble.empty()), OwnPace.USUAL, known);
            Round round = Round.of(s, false, known);
            for (Block block : EveningWork.of(List.of(wanted), times).blocks().values()) {
                if ("set-up".equals(block.setUpId())) {
                    assertEquals(round.seconds(block.count()), block.round().seconds(block.count()), 1e-9, where);
                }
            }
            Round.Standing platform = round.platform();
            if (platform != null) {
                double waiting = platform.clean() / platform.secondsWaiting();
                double goingOn = platform.cleanBehind() / platform.secondsGoingOn();
                assertEquals(waiting > goingOn, platform.waits(), where + ": more good ones an hour");
            }
        });
    }

    @Test
    void theNextChangeIsTheAdvisorsAndContradictsNothing() {
        // A cause is told by pulling it some hundred times: the dearest of the facts.
        everywhere((SHOPS + 2) / 3, (shop, forecaster, s, where) -> {
            for (Outcome outcome : List.of(Outcome.CLEAN, Outcome.UNDER, Outcome.OVER)) {
                Observation seen =
                        Observation.roughly(outcome, Amount.A_LOT, s.route().standard());
                Diagnosis.Case of = new Diagnosis.Case(s, forecaster.model(s), FRESH, forecaster.forecast(s, FRESH));
                boolean kept = outcome == Outcome.CLEAN;
                Diagnosis found =
                        Diagnosis.of(of, new Diagnosis.Evidence(new Ticked(seen, Set.of()), Map.of(), null, kept));
                String at = where + ", " + outcome;
                assertEquals(
                        20,
                        found.ofTwenty().stream()
                                .mapToInt(Diagnosis.InTwenty::pulls)
                                .sum(),
                        at);
                assertNotEquals(outcome == Outcome.OVER ? Cause.TOO_LITTLE : Cause.TOO_MUCH, found.likeliest(), at);
                assertTrue(!kept || found.likeliest() == Cause.AS_SET, at + found.causes());
                RigEnsemble learned = Learner.learn(Belief.NOTHING, s, forecaster.model(s), seen)
                        .rigs(Rigged.of(s));
                Advisor advisor = new Advisor(forecaster, shop.inventory);
                NextChange best = NextChange.best(
                        found, new NextChange.Bench(s, FRESH, learned, forecaster, advisor, ErrorBias.EVEN));
                Proposal proposal = best.proposal();
                if (proposal != null) {
                    assertTrue(
                            best.next().remedy().cures(found.likeliest()),
                            at + ": " + found.likeliest() + " asks for no other heat or pressure");
                    RigEnsemble rig = found.likeliest().doses() ? learned : FRESH;
                    Forecast then = forecaster.forecast(proposal.setUp(), rig);
                    assertEquals(then.twenty().clean(), best.good(), at);
                    assertTrue(
                            best.good() > forecaster.forecast(s, rig).twenty().clean(), at);
                    boolean more = then.dose().middle()
                            > forecaster.forecast(s, rig).dose().middle();
                    assertTrue(outcome != Outcome.OVER || !more, at + " is given less");
                    assertTrue(outcome != Outcome.UNDER || more, at + " is given more");
                }
            }
        });
    }
}

package glanzen.start;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.AnyShop;
import glanzen.advice.Advisor;
import glanzen.advice.ErrorBias;
import glanzen.advice.Proposal;
import glanzen.finding.Finding;
import glanzen.finding.RuleId;
import glanzen.finding.Weight;
import glanzen.forecast.Forecast;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.learning.Belief;
import glanzen.learning.Learner;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.learning.Rigged;
import glanzen.pull.AsLabelled;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Whatever somebody owns: what is begun can be pulled or says why not, what is offered leads on, what is advised is better. */
class AnyShopTest {

    private static final int SHOPS = Integer.getInteger("shops", 16);
    private static final int MENDS = 12;

    /** What no choice among the boards of a shop can help. */
    private static final Set<RuleId> NOT_OWNED =
            Set.of(RuleId.MISSING_BOARD, RuleId.ROLLERS, RuleId.SPACER_MISSING, RuleId.TEARS, RuleId.TOO_WIDE);

    private static Stream<AnyShop> shops() {
        return Stream.iterate(500L, seed -> seed + 1).limit(SHOPS).map(AnyShop::new);
    }

    private static List<Finding<SetUp>> stops(SetUp s, AnyShop shop) {
        return Rules.check(s, shop.inventory).stream()
                .filter(f -> f.weight() == Weight.STOP)
                .toList();
    }

    private static void ownsWhatIsLaid(SetUp s, String where) {
        for (Board board : Set.copyOf(s.stack().all(Board.class))) {
            assertTrue(s.stack().left(board) >= 0, where + board);
        }
    }

    /** It begins with what comes out on a labelled press, if anything between the usual plates does. */
    @ParameterizedTest
    @EnumSource(Route.class)
    void aFirstStackComesOutAsLabelledWhereAnyWayToLayItDoes(Route route) {
        shops().forEach(shop -> {
            StartingStack.Pick pick = shop.pick(route);
            boolean anyDoes = Layering.ways(pick, shop.inventory).stream()
                    .filter(Layering.Way::plateBelow)
                    .map(way -> new Layering(pick, shop.inventory, way).built())
                    .anyMatch(s -> comesOut(s, shop));
            assertTrue(!anyDoes || comesOut(StartingStack.of(pick, shop.inventory), shop), route + " at " + shop);
        });
    }

    private static boolean comesOut(SetUp s, AnyShop shop) {
        return Rules.computable(s)
                && stops(s, shop).isEmpty()
                && new AsLabelled(s, shop.inventory.artworks()).room() > 0;
    }

    @ParameterizedTest
    @EnumSource(Route.class)
    void whatStopsAFirstStackIsMendedStepByStepOrCannotBe(Route route) {
        shops().forEach(shop -> {
            String where = route + " at " + shop + ": ";
            SetUp s = StartingStack.of(shop.pick(route), shop.inventory);
            ownsWhatIsLaid(s, where);
            List<String> done = new ArrayList<>();
            Optional<Finding<SetUp>> next = mendable(s, shop);
            while (next.isPresent()) {
                done.add(next.get().mend().label());
                assertTrue(done.size() <= MENDS, where + done);
                s = next.get().mend().mended();
                next = mendable(s, shop);
            }
            if (!done.isEmpty()) {
                ownsWhatIsLaid(s, where + done);
            }
            stops(s, shop).forEach(f -> assertNull(f.mend(), where + f));
        });
    }

    private static Optional<Finding<SetUp>> mendable(SetUp s, AnyShop shop) {
        return stops(s, shop).stream().filter(f -> f.mend() != null).findFirst();
    }

    @Test
    void whereNothingIsMissingNearlyEveryFirstStackCanBePulled() {
        List<String> slack = new ArrayList<>();
        int all = 0;
        for (AnyShop shop : shops().toList()) {
            for (Route route : Route.values()) {
                List<RuleId> stops = stops(StartingStack.of(shop.pick(route), shop.inventory), shop).stream()
                        .map(Finding::rule)
                        .toList();
                all++;
                if (!NOT_OWNED.containsAll(stops)) {
                    slack.add(shop + " " + route + " " + stops);
                }
            }
        }
        assertTrue(slack.size() <= 0.04 * all, slack.size() + " of " + all + ": " + slack);
    }

    @ParameterizedTest
    @ValueSource(longs = {501, 504, 508})
    void whatIsAdvisedCanBePulledAndWhatWasSeenIsExpected(long seed) {
        AnyShop shop = new AnyShop(seed);
        Forecaster forecaster = new Forecaster(shop.inventory.artworks());
        RigEnsemble fresh = RigEnsemble.fresh();
        for (Route route : Route.values()) {
            SetUp s = StartingStack.of(shop.pick(route), shop.inventory);
            if (!stops(s, shop).isEmpty()) {
                continue;
            }
            Forecast now = forecaster.forecast(s, fresh);
            assertEquals(1, now.under() + now.clean() + now.over() + now.refused(), 1e-9, route + "");
            for (Proposal p : new Advisor(forecaster, shop.inventory)
                    .advise(s, fresh, ErrorBias.EVEN)
                    .proposals()) {
                assertTrue(stops(p.setUp(), shop).isEmpty(), route + ": " + p.why());
                ownsWhatIsLaid(p.setUp(), route + ": ");
                assertTrue(p.forecast().twenty().clean() > now.twenty().clean(), route + ": " + p.why());
                assertEquals(
                        forecaster.forecast(p.setUp(), fresh).twenty(),
                        p.forecast().twenty(),
                        "as that very draft is forecast");
            }
            Observation clean = Observation.roughly(Outcome.CLEAN, Amount.A_LITTLE, route.standard());
            RigEnsemble after =
                    Learner.learn(Belief.NOTHING, s, forecaster.model(s), clean).rigs(Rigged.of(s));
            assertTrue(forecaster.forecast(s, after).clean() >= now.clean() - 0.02, route + "");
        }
    }

    private static double good(Forecast f) {
        return f.clean() - f.refused();
    }
}

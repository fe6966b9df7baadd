package glanzen.diagnosis;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.inspect.FaultyPulls;
import glanzen.inspect.Figure;
import glanzen.inspect.Measures;
import glanzen.inspect.Reading;
import glanzen.inspect.SimulatedPulls;
import glanzen.inspect.Spot;
import glanzen.learning.Fault;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.route.Route;
import glanzen.route.Standard;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.locationtech.jts.geom.util.AffineTransformation;

class DiagnosisTest {

    @ParameterizedTest
    @EnumSource(
            value = Cause.class,
            names = {"TOO_LITTLE", "TOO_MUCH", "ONE_SIDE", "MIDDLE_GIVES", "REVERSED"})
    void theCauseIsAmongTheFirstTwo(Cause cause) {
        SimulatedPulls.Pull pull = FaultyPulls.pull(0, cause, 400 + cause.ordinal());
        List<Cause> found = DiagnosisAccuracy.causes(pull);
        assertTrue(found.subList(0, 2).contains(cause), cause + " not in " + found);
    }

    @Test
    void anAnswerMovesTheSharesAndIsNotAskedAgain() {
        SimulatedPulls.Pull pull = FaultyPulls.pull(1, Cause.SPENT, 77);
        Signs signs = Signs.of(pull.truth());
        Diagnosis before = DiagnosisAccuracy.diagnosis(pull, signs, Map.of());
        Diagnosis yes = DiagnosisAccuracy.diagnosis(pull, signs, Map.of(Asking.USED_BEFORE, true));
        Diagnosis no = DiagnosisAccuracy.diagnosis(pull, signs, Map.of(Asking.USED_BEFORE, false));
        assertTrue(share(yes, Cause.SPENT) > share(before, Cause.SPENT));
        assertTrue(share(no, Cause.SPENT) < share(before, Cause.SPENT));
        assertTrue(yes.asking() != Asking.USED_BEFORE);
        assertEquals(
                1, before.causes().stream().mapToDouble(Diagnosis.Likely::share).sum(), 1e-9);
    }

    private static double share(Diagnosis d, Cause cause) {
        return d.causes().stream()
                .filter(l -> l.cause() == cause)
                .mapToDouble(Diagnosis.Likely::share)
                .sum();
    }

    @Test
    void ticksDoWithoutAPicture() {
        SimulatedPulls.Pull pull = SimulatedPulls.pull(0, 1, 0, 3);
        Observation seen = Observation.roughly(Outcome.UNDER, Amount.A_LITTLE, Standard.FOIL);
        Set<Fault> ticked = Set.of(Fault.ONE_SIDE);
        Diagnosis sided = DiagnosisAccuracy.diagnosis(
                pull.setUp(), pull.model(), new Diagnosis.Evidence(new Ticked(seen, ticked), Map.of()));
        assertEquals(Cause.ONE_SIDE, sided.causes().get(0).cause());
        assertTrue(sided.best().remedy().cures(Cause.ONE_SIDE), sided.best().toString());
    }

    @Test
    void theBestChangeHelpsAndTheTellingOneTellsMost() {
        Diagnosis d = Diagnosis.of(
                Route.HOT_PLATE,
                Shares.summingToOne(Map.of(Cause.DUST, 0.5, Cause.ONE_SIDE, 0.3, Cause.TOO_LITTLE, 0.2)),
                Map.of());
        assertTrue(d.best().good() > 0.4);
        assertTrue(d.telling().tells() >= d.best().tells() - 0.05);
    }

    private static Measures measures(double coverage, double spillMm, double ghostMm, Spot... spots) {
        Figure none = new Figure(0, 0.01);
        return new Measures(
                new Figure(coverage, 0.005),
                new Figure(spillMm, 0.03),
                none,
                new Figure(ghostMm, 0.03),
                none,
                none,
                0,
                0,
                0,
                0,
                List.of(spots));
    }

    private static Verdict.Action verdict(Measures whole, Measures stays, double difference) {
        return Verdict.of(whole, stays, Standard.FOIL, difference).action();
    }

    @Test
    void theVerdictIsWhatIsSeenAtArmsLength() {
        Measures good = measures(0.99, 0.05, 0);
        assertEquals(Verdict.Action.KEEP, verdict(good, good, 60));
        Measures past = measures(0.99, 0.30, 0);
        assertEquals(Verdict.Action.MEND, verdict(past, past, 60));
        Measures bare = measures(0.88, 0.05, 0);
        assertEquals(Verdict.Action.OVER_AGAIN, verdict(bare, bare, 60));
        assertEquals(Verdict.Action.CUT_AROUND, verdict(bare, good, 60));
        Measures hopeless = measures(0.3, 0.6, 0);
        assertEquals(Verdict.Action.REPEAT, verdict(hopeless, hopeless, 60));
        Spot speck = new Spot(Spot.Kind.BARE, 10, 10, 1.2, 1.3, 2, true);
        Measures specked = measures(0.99, 0.05, 0, speck);
        assertEquals(Verdict.Action.OVER_AGAIN, verdict(specked, specked, 90), "copper on white shows it");
        assertEquals(Verdict.Action.KEEP, verdict(specked, specked, 10), "pearl on white hides it");
    }

    @Test
    void moreFoilOverItIsRegisteredByTheFoilWhereItLiesElsewhereThanItWasLaidOut() {
        Measures bare = measures(0.88, 0.05, 0);
        Verdict again = Verdict.of(bare, bare, Standard.FOIL, 60);
        Reading.Place astray = place(0.8, 0, 0.5);
        assertTrue(again.registered(astray).steps().get(2).contains("{mm:0.8} too far right, turned 0.5°"));
        AffineTransformation turned = AffineTransformation.rotationInstance(Math.PI / 2);
        assertTrue(again.registered(astray.in(turned)).steps().get(2).contains("{mm:0.8} too high"));
        assertEquals(again, again.registered(place(0.1, 0.1, 0.1)));
        Measures good = measures(0.99, 0.05, 0);
        Verdict kept = Verdict.of(good, good, Standard.FOIL, 60);
        assertEquals(kept, kept.registered(astray));
    }

    private static Reading.Place place(double rightMm, double upMm, double turnDegrees) {
        return new Reading.Place(
                true, new Figure(rightMm, 0.05), new Figure(upMm, 0.05), new Figure(turnDegrees, 0.05), 0.9);
    }
}

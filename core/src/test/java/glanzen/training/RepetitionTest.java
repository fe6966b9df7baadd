package glanzen.training;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertFalse;
import static org.junit.jupiter.api.Assertions.assertNotEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

/** When a topic comes back, what is asked next, and how progress is told. */
class RepetitionTest {

    private static final Instant BEGAN = Instant.parse("2026-05-01T18:00:00Z");
    private static final Topic ONE = Topic.everything().get(0);
    private static final Topic TWO = Topic.everything().get(1);

    private final List<Answered> answers = new ArrayList<>();

    private void answer(Topic topic, double day, boolean right, boolean sure) {
        answer(topic, day, right, sure, null, null);
    }

    private void answer(
            Topic topic, double day, boolean right, boolean sure, @Nullable Double guess, @Nullable Double came) {
        answers.add(new Answered(topic, topic.seed(answers.size()), day(day), right, sure, guess, came));
    }

    private static Instant day(double n) {
        return BEGAN.plusSeconds((long) (n * 86_400));
    }

    private double daysUntilDue() {
        Repetition r = new Repetition(answers);
        Instant last = answers.get(answers.size() - 1).at();
        return Duration.between(last, r.due(ONE).orElseThrow()).toSeconds() / 86_400.0;
    }

    /** Reference: SM-2 with grade 5 throughout gives 1, 6, 6 · 2.8 and so on; grade 3 lowers the factor by 0.14. */
    @Test
    void intervalsAreThoseOfTheScheme() {
        answer(ONE, 0, true, true);
        assertEquals(1, daysUntilDue(), 1e-3);
        answer(ONE, 1, true, true);
        assertEquals(6, daysUntilDue(), 1e-3);
        answer(ONE, 7, true, true);
        assertEquals(6 * 2.8, daysUntilDue(), 1e-3);
        answer(ONE, 24, true, false);
        assertEquals(6 * 2.8 * 2.66, daysUntilDue(), 1e-3);
    }

    @Test
    void whatWasWrongComesBackInMinutesAndBeginsAnew() {
        answer(ONE, 0, true, true);
        answer(ONE, 1, true, true);
        answer(ONE, 7, false, true);
        assertTrue(daysUntilDue() < 0.02);
        answer(ONE, 7.01, true, false);
        assertEquals(1, daysUntilDue(), 1e-3);
        assertFalse(new Repetition(answers).sits(ONE));
    }

    @Test
    void whatIsDueComesBeforeWhatIsNewAndTheWeakestOfItFirst() {
        answer(ONE, 0, true, true);
        answer(TWO, 0, false, false);
        for (int n = 2; n < 6; n++) {
            answer(Topic.everything().get(n), 0.001 * n, true, true);
        }
        Repetition r = new Repetition(answers);
        assertEquals(TWO, r.next(Topic.everything(), day(2)));
        Topic fresh = r.next(Topic.everything(), day(0.005));
        assertEquals(0, r.seen(fresh), "nothing is due yet");
        assertEquals(ONE, r.next(List.of(ONE), day(0.5)), "there is nothing else");
    }

    @Test
    void theSameThingIsNotAskedTwiceRunning() {
        answer(ONE, 0, false, false);
        assertNotEquals(ONE, new Repetition(answers).next(Topic.everything(), day(1)));
    }

    @Test
    void whatIsForgottenIsLessLikelyTomorrowAndMoreSoLater() {
        answer(ONE, 0, true, true);
        answer(ONE, 1, true, true);
        Repetition r = new Repetition(answers);
        double now = r.likely(ONE, day(1));
        assertEquals(0.9 * now, r.likely(ONE, day(7)), 1e-3, "nine in ten at the end of its interval");
        assertTrue(now > r.likely(ONE, day(2)) && r.likely(ONE, day(2)) > r.likely(ONE, day(30)));
        assertEquals(0.5, r.likely(TWO, day(1)));
    }

    @Test
    void progressIsToldAsItIs() {
        Topic guessing = Topic.everything().stream()
                .filter(t -> t.skill() == Skill.HOW_MANY)
                .findFirst()
                .orElseThrow();
        answer(guessing, 0, true, true, 0.9, 0.8);
        answer(guessing, 1, false, true, 0.95, 0.5);
        answer(guessing, 2, false, false, 0.1, 0.3);
        Progress p = Progress.of(answers, day(2));
        Progress.Of of = p.skills().get(Skill.HOW_MANY.ordinal());
        assertEquals(List.of(3, 1, 2, 1), List.of(of.seen(), of.right(), of.sure(), of.sureRight()));
        assertEquals(2, p.calibration().size());
        assertEquals(0.1, p.calibration().get(0).said(), 1e-9);
        assertEquals(0.65, p.calibration().get(1).came(), 1e-9);
        double first = 0.8 * 0.01 + 0.2 * 0.81;
        double second = 0.5 * 0.05 * 0.05 + 0.5 * 0.95 * 0.95;
        double third = 0.3 * 0.81 + 0.7 * 0.01;
        assertEquals((first + second + third) / 3, p.brier(), 1e-9);
        assertTrue(Double.isNaN(Progress.of(List.of(), BEGAN).brier()));
    }

    @Test
    void theScoreOfGuessesIsToldAsItWasThen() {
        Topic guessing = Topic.everything().stream()
                .filter(t -> t.skill() == Skill.HOW_MANY)
                .findFirst()
                .orElseThrow();
        for (int n = 0; n < 20; n++) {
            answer(guessing, n, true, true, n < 10 ? 0.0 : 1.0, 1.0);
        }
        List<Progress.Then> then = Progress.of(answers, day(21)).overTime();
        assertEquals(16, then.size(), "from the fifth guess on");
        assertEquals(5, then.get(0).guesses());
        assertEquals(1, then.get(0).brier(), 1e-9);
        assertEquals(0.5, then.get(10).brier(), 1e-9, "five of the last ten were wrong");
        assertEquals(0, then.get(15).brier(), 1e-9);
        assertEquals(day(19), then.get(15).at());
    }

    @Test
    void everySeedHasATopicAndEveryTopicItsSeeds() {
        for (Topic topic : Topic.everything()) {
            assertEquals(topic, Topic.of(topic.seed(9)));
            assertEquals(topic, Topic.named(topic.name()).orElseThrow());
            assertTrue(Topic.shown(topic.seed(4)) && !Topic.shown(topic.seed(5)));
        }
        assertTrue(Topic.named("READING:NOTHING").isEmpty());
    }
}

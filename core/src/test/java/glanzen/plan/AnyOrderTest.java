package glanzen.plan;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.finding.Finding;
import glanzen.finding.Weight;
import glanzen.plan.Operation.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;

/** Operations in any order, by somebody who has not thought of it: mending what is offered comes to an end, and it holds. */
class AnyOrderTest {

    private static final Set<Weight> WRONG = Set.of(Weight.STOP, Weight.WARN);

    private static List<Finding<List<Operation>>> wrong(List<Operation> order, boolean filmed) {
        JobPiece piece = new JobPiece("Panel", "ivory", 1, 105, 148, order);
        return OrderCheck.of(piece, filmed).stream()
                .filter(f -> WRONG.contains(f.weight()))
                .toList();
    }

    private static long count(List<Operation> order, Kind kind) {
        return order.stream().filter(o -> o.kind() == kind).count();
    }

    @RepeatedTest(40)
    void mendingOneThingAfterAnotherComesToAnEnd(RepetitionInfo run) {
        Random random = new Random(900 + run.getCurrentRepetition());
        Kind[] kinds = Kind.values();
        for (int tried = 0; tried < 50; tried++) {
            List<Operation> order =
                    new ArrayList<>(Stream.generate(() -> Operation.of(kinds[random.nextInt(kinds.length)]))
                            .limit(1 + random.nextInt(12))
                            .toList());
            boolean filmed = random.nextBoolean();
            List<Operation> begun = List.copyOf(order);
            List<Finding<List<Operation>>> wrong = wrong(order, filmed);
            for (int step = 0; !wrong.isEmpty(); step++) {
                assertTrue(step < 20, () -> "goes on for ever: " + names(begun));
                order = wrong.get(random.nextInt(wrong.size())).mend().mended();
                wrong = wrong(order, filmed);
            }
            for (Kind kind : kinds) {
                assertTrue(count(order, kind) >= count(begun, kind), kind + " is taken away");
            }
            assertEquals(List.of(), wrong(order, filmed));
        }
    }

    private static List<Kind> names(List<Operation> order) {
        return order.stream().map(Operation::kind).toList();
    }
}

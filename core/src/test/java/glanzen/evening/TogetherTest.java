package glanzen.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.Bench;
import glanzen.Crafts;
import glanzen.artwork.Motif;
import glanzen.forecast.Forecaster;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Plate;
import glanzen.material.Material;
import glanzen.plan.Job;
import glanzen.plan.JobPiece;
import glanzen.plan.Operation;
import glanzen.plan.Operation.Kind;
import glanzen.route.Route;
import glanzen.schedule.Check;
import glanzen.schedule.Greedy;
import glanzen.schedule.Hours;
import glanzen.schedule.Schedule;
import glanzen.schedule.Task;
import glanzen.schedule.Workload;
import glanzen.setup.SetUp;
import glanzen.stack.Layer;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Dies share boards and plates a sheet where it comes out as well; every card is still made once. */
class TogetherTest {

    private static final RigEnsemble FRESH = RigEnsemble.fresh();
    private static final Forecaster FORECASTER = new Forecaster(Crafts.ARTWORKS);
    private static final Times USUAL =
            new Times(new WarmUps(heater -> OptionalDouble.empty()), OwnPace.USUAL, Bench.KNOWN);
    private static final SetUp CUT = Crafts.started(Route.THIN_CUT);

    private static SetUp die(String id, double widthMm, double heightMm) {
        Plate oval = Crafts.OVAL;
        Plate die = new Plate(
                id, id, oval.kind(), oval.material(), oval.thicknessMm(), widthMm, heightMm, Motif.of(Motif.Kind.TAG));
        int at = CUT.stack().indexOf(Plate.class);
        return CUT.withStack(CUT.stack()
                .replaced(at, new Layer(die, CUT.stack().layers().get(at).facing())));
    }

    private static SetUp plate(String words) {
        Plate plate = new Plate(words, words, Plate.Kind.PLATE, Material.BRASS, 1.6, 50, 20, Motif.words(words));
        return Bench.setUp(Route.HOT_PLATE, plate, 0, 30);
    }

    private record Order(String name, int cards, SetUp setUp, Kind kind, List<Kind> before) {}

    private static List<Wanted> jobs(Order... orders) {
        List<Wanted> all = new ArrayList<>();
        for (Order o : orders) {
            List<Operation> operations =
                    new ArrayList<>(o.before.stream().map(Operation::of).toList());
            operations.add(new Operation(o.kind, "", o.name));
            operations.add(Operation.of(Kind.FOLD));
            JobPiece piece = new JobPiece(o.name, o.setUp.stock().id(), 1, 60, 40, operations);
            all.add(new Wanted(
                    o.name,
                    new Job(o.name, o.cards, List.of(piece)),
                    Map.of(o.name, o.setUp),
                    Set.of(o.name),
                    List.of()));
        }
        return all;
    }

    private static Order cut(String name, int cards, double widthMm, double heightMm, Kind... before) {
        return new Order(name, cards, die(name, widthMm, heightMm), Kind.CUT, List.of(before));
    }

    private static Together together(List<Wanted> jobs) {
        return Together.of(
                jobs, Crafts.ARTWORKS, s -> FORECASTER.forecast(s, FRESH).clean());
    }

    private static Map<String, Integer> pressed(EveningWork work) {
        Map<String, Integer> counts = new HashMap<>();
        work.blocks().values().stream()
                .filter(b -> b.title().startsWith("Cut ") && b.setUpId() != null
                        || b.title().startsWith("Foil "))
                .forEach(b -> {
                    List<String> pieces = b.lay() == null
                            ? List.of(b.jobId())
                            : b.lay().things().stream()
                                    .map(Together.Thing::piece)
                                    .toList();
                    pieces.forEach(p -> counts.merge(p, b.count(), Integer::sum));
                });
        return counts;
    }

    @Test
    void smallDiesShareBoardsAndSavePasses() {
        List<Wanted> jobs = jobs(cut("a", 30, 50, 40), cut("b", 12, 45, 60));
        Together together = together(jobs);
        assertEquals(1, together.groups().size());
        assertEquals(30, together.groups().get(0).passes().times());
        EveningWork work = EveningWork.of(jobs, USUAL, together);
        assertEquals(Map.of("a", 30, "b", 12), pressed(work));
        int apart = seconds(EveningWork.of(jobs, USUAL));
        assertTrue(seconds(work) < apart - 12 * 12, seconds(work) + " instead of " + apart);
        plannedAndSound(work);
    }

    private static int seconds(EveningWork work) {
        return work.tasks().stream().mapToInt(Task::seconds).sum();
    }

    private static void plannedAndSound(EveningWork work) {
        Workload evening = new Workload(
                work.tasks(), work.heaters(), List.of(new Hours(0, 10 * 3600)), 1, Map.of(), List.of(), Map.of());
        Schedule plan = Greedy.plan(evening);
        assertEquals(List.of(), Check.of(evening, plan));
        assertEquals(0, plan.cost(evening).leftSeconds());
    }

    @Test
    void whatDoesNotFitOnTheBoardsOrIsTheSameDieGoesByItself() {
        assertEquals(
                List.of(),
                together(jobs(cut("a", 9, 120, 190), cut("b", 9, 120, 190))).groups());
        List<Wanted> same =
                jobs(new Order("a", 9, CUT, Kind.CUT, List.of()), new Order("b", 9, CUT, Kind.CUT, List.of()));
        assertEquals(List.of(), together(same).groups());
    }

    @Test
    void whatDriesFirstKeepsNothingElseWaiting() {
        assertEquals(
                List.of(),
                together(jobs(cut("a", 9, 50, 40), cut("b", 9, 45, 60, Kind.INK, Kind.DRY)))
                        .groups());
    }

    @Test
    void whatWouldNotCutThroughTogetherGoesByItself() {
        List<Wanted> jobs = jobs(cut("a", 9, 50, 40), cut("b", 9, 45, 60));
        Together never = Together.of(
                jobs,
                Crafts.ARTWORKS,
                s -> s.plate().widthMm() > 60 || s.plate().heightMm() > 61 ? 0.5 : 0.95);
        assertEquals(List.of(), never.groups());
    }

    @Test
    void platesShareASheetThatIsCutApartLater() {
        List<Wanted> jobs = jobs(
                new Order("First", 12, plate("First"), Kind.HOT_FOIL, List.of()),
                new Order("Second", 12, plate("Second"), Kind.HOT_FOIL, List.of()));
        Together together = together(jobs);
        assertEquals(1, together.groups().size());
        Together.Group group = together.groups().get(0);
        assertEquals(12, group.passes().times());
        SetUp sheet = group.setUps().values().iterator().next();
        assertEquals(2, sheet.plates().size());
        EveningWork work = EveningWork.of(jobs, USUAL, together);
        assertEquals(Map.of("First", 12, "Second", 12), pressed(work));
        plannedAndSound(work);
        assertTrue(seconds(work) < seconds(EveningWork.of(jobs, USUAL)));
        assertEquals(
                List.of("First", "Second"),
                sheet.plates().stream().map(Plate::name).sorted().toList());
    }
}

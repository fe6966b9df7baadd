package glanzen.evening;

import glanzen.artwork.ArtworkShelf;
import glanzen.artwork.PathText;
import glanzen.packing.Passes;
import glanzen.packing.Passes.Pass;
import glanzen.plan.JobPiece;
import glanzen.plan.Operation;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.ToDoubleFunction;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.simplify.DouglasPeuckerSimplifier;

/**
 * What of different pieces goes through a machine at once: dies on the same boards, plates under one sheet. Only what
 * comes out as well together as by itself.
 *
 * @param groups none touching another
 */
public record Together(List<Group> groups) {

    /** Everything goes by itself. */
    public static final Together NONE = new Together(List.of());

    /** Together may come out so much worse: one pull of twenty. */
    private static final double AS_GOOD = 0.05;
    /** More than these are not tried with each other. */
    private static final int MOST = 8;
    /** Outlines are shown this coarse, mm. */
    private static final double SHOWN_MM = 0.3;

    public Together {
        groups = List.copyOf(groups);
    }

    /**
     * An operation of a piece of one of some jobs.
     *
     * @param job which job, counted from 0
     * @param piece which of its pieces
     * @param operation which of its operations
     */
    public record Part(int job, int piece, int operation) {

        String key() {
            return job + "/" + piece + "/" + operation;
        }
    }

    /**
     * Where things lie in a pass.
     *
     * @param widthMm width of what they lie on, mm
     * @param heightMm its length along the feed, mm
     * @param things what lies there
     */
    public record Lay(double widthMm, double heightMm, List<Thing> things) {

        public Lay {
            things = List.copyOf(things);
        }
    }

    /**
     * One of the things that lie there.
     *
     * @param piece the piece it is for
     * @param job that piece's job
     * @param tool what it is done with
     * @param outline what is seen of it, mm, as {@link PathText} writes it
     */
    public record Thing(String piece, String job, String tool, String outline) {}

    /**
     * Parts that go through at once, at least some of the time.
     *
     * @param parts all of them
     * @param passes who with whom, and how often
     * @param setUps each kind of pass as one set-up
     * @param lays where things lie in each kind of pass
     */
    public record Group(List<Part> parts, Passes passes, Map<Set<String>, SetUp> setUps, Map<Set<String>, Lay> lays) {

        Optional<Part> part(String key) {
            return parts.stream().filter(p -> p.key().equals(key)).findFirst();
        }
    }

    /** The group of a part. */
    Optional<Group> of(Part part) {
        return groups.stream().filter(g -> g.parts.contains(part)).findFirst();
    }

    /**
     * Finds them. An operation that waits for something to dry goes by itself, so that nothing else waits with it.
     *
     * @param jobs what is to be done
     * @param shelf where artwork is drawn
     * @param clean share of clean pulls of a set-up, 0…1
     */
    public static Together of(List<Wanted> jobs, ArtworkShelf shelf, ToDoubleFunction<SetUp> clean) {
        Search search = new Search(jobs, clean);
        List<Group> groups = new ArrayList<>();
        for (AtOnce.Way way : List.of(new PlatesAtOnce(shelf), new DiesAtOnce(shelf))) {
            search.candidates(way)
                    .values()
                    .forEach(parts -> search.group(way, parts).ifPresent(groups::add));
        }
        return new Together(groups);
    }

    private record Search(List<Wanted> jobs, ToDoubleFunction<SetUp> clean) {

        /** Operations that may be tried with each other. */
        Map<List<Object>, List<Part>> candidates(AtOnce.Way way) {
            Map<List<Object>, List<Part>> alike = new LinkedHashMap<>();
            for (int j = 0; j < jobs.size(); j++) {
                for (int p = 0; p < jobs.get(j).job().pieces().size(); p++) {
                    candidate(way, j, p)
                            .ifPresent(part -> alike.computeIfAbsent(way.alike(setUp(part)), k -> new ArrayList<>())
                                    .add(part));
                }
            }
            alike.values().removeIf(parts -> parts.size() < 2);
            alike.replaceAll((k, parts) -> parts.stream()
                    .sorted(Comparator.comparingInt(this::count).reversed())
                    .limit(MOST)
                    .toList());
            return alike;
        }

        /** The first of a piece's operations that can go with others: of each way only one, or they could wait in a ring. */
        private Optional<Part> candidate(AtOnce.Way way, int job, int piece) {
            List<Operation> operations = jobs.get(job).job().pieces().get(piece).operations();
            boolean pressed = false;
            for (int n = 0; n < operations.size(); n++) {
                Operation.Kind kind = operations.get(n).kind();
                if (kind == Operation.Kind.DRY || kind == Operation.Kind.GEL_DRY) {
                    return Optional.empty();
                }
                SetUp s = jobs.get(job).setUp(operations.get(n));
                if (s == null && kind.wantsSetUp()) {
                    // It never comes further than this.
                    return Optional.empty();
                }
                if (s != null && !way.alike(s).isEmpty() && !(way instanceof PlatesAtOnce && pressed)) {
                    return Optional.of(new Part(job, piece, n));
                }
                pressed |= kind.cuts();
            }
            return Optional.empty();
        }

        private JobPiece piece(Part part) {
            return jobs.get(part.job).job().pieces().get(part.piece);
        }

        private SetUp setUp(Part part) {
            return Objects.requireNonNull(
                    jobs.get(part.job).setUp(piece(part).operations().get(part.operation)));
        }

        private int count(Part part) {
            return jobs.get(part.job).job().cards() * piece(part).perCard();
        }

        Optional<Group> group(AtOnce.Way way, List<Part> parts) {
            Map<String, Part> byKey = parts.stream().collect(Collectors.toMap(Part::key, p -> p));
            Map<String, Integer> counts = new HashMap<>();
            parts.forEach(p -> counts.put(p.key(), count(p)));
            Map<Set<String>, AtOnce> good = new HashMap<>();
            Passes passes = Passes.of(counts, keys -> {
                List<Part> some = new TreeSet<>(keys)
                        .stream().map(byKey::get).map(Objects::requireNonNull).toList();
                Optional<AtOnce> atOnce = way.of(some.stream().map(this::setUp).toList())
                        .filter(a -> asGood(a, some))
                        .findFirst();
                atOnce.ifPresent(a -> good.put(new TreeSet<>(keys), a));
                return atOnce.isPresent();
            });
            if (passes.times() == counts.values().stream().mapToInt(n -> n).sum()) {
                return Optional.empty();
            }
            return Optional.of(group(way, parts, passes, good));
        }

        private boolean asGood(AtOnce atOnce, List<Part> some) {
            for (int n = 0; n < some.size(); n++) {
                SetUp judged = atOnce.judged().get(Math.min(n, atOnce.judged().size() - 1));
                if (clean.applyAsDouble(judged) < clean.applyAsDouble(setUp(some.get(n))) - AS_GOOD) {
                    return false;
                }
            }
            return true;
        }

        private Group group(AtOnce.Way way, List<Part> parts, Passes passes, Map<Set<String>, AtOnce> good) {
            Map<Set<String>, SetUp> setUps = new HashMap<>();
            Map<Set<String>, Lay> lays = new HashMap<>();
            List<Part> used = new ArrayList<>();
            for (Pass pass : passes.passes()) {
                List<Part> some = parts.stream()
                        .filter(p -> pass.ids().contains(p.key()))
                        .sorted(Comparator.comparing(Part::key))
                        .toList();
                if (some.size() > 1) {
                    AtOnce atOnce = Objects.requireNonNull(good.get(pass.ids()));
                    setUps.put(pass.ids(), atOnce.setUp());
                    lays.put(pass.ids(), lay(atOnce, some));
                    used.addAll(some);
                }
            }
            List<Part> together = parts.stream().filter(used::contains).toList();
            List<Pass> theirs = passes.passes().stream()
                    .filter(p -> p.ids().stream()
                            .anyMatch(id ->
                                    together.stream().anyMatch(t -> t.key().equals(id))))
                    .toList();
            return new Group(together, new Passes(theirs, passes.atLeast()), setUps, lays);
        }

        private Lay lay(AtOnce atOnce, List<Part> some) {
            List<Thing> things = new ArrayList<>();
            for (int n = 0; n < some.size(); n++) {
                Part part = some.get(n);
                Geometry outline =
                        DouglasPeuckerSimplifier.simplify(atOnce.outlines().get(n), SHOWN_MM);
                things.add(new Thing(
                        piece(part).name(),
                        jobs.get(part.job).job().name(),
                        setUp(part).plate().name(),
                        PathText.write(outline)));
            }
            return new Lay(atOnce.widthMm(), atOnce.heightMm(), things);
        }
    }
}

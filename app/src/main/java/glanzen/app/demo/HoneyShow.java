package glanzen.app.demo;

import glanzen.app.drying.DryingService;
import glanzen.app.drying.DryingService.Spread;
import glanzen.app.evening.EveningService;
import glanzen.app.job.JobService;
import glanzen.app.kit.KitService;
import glanzen.app.pull.LogEntry;
import glanzen.app.pull.PullService;
import glanzen.app.pull.Telling;
import glanzen.app.rig.RigService;
import glanzen.app.setup.Draft;
import glanzen.app.setup.Drafts;
import glanzen.app.setup.SetUpService;
import glanzen.artwork.ArtworkShelf;
import glanzen.forecast.Forecaster;
import glanzen.kit.Board;
import glanzen.kit.Kit;
import glanzen.kit.Pace;
import glanzen.learning.Fault;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.pull.PullOutcome;
import glanzen.route.Heating;
import glanzen.route.Route;
import glanzen.rules.Rules;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.simulate.HiddenRig;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.start.StartingStack;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Random;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.SmartLifecycle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Lays out the Alder Lane Honey Show where there is nothing yet: kit, set-ups and six weeks of pulls. */
@Component
@ConditionalOnProperty("glanzen.demo")
public class HoneyShow implements SmartLifecycle {

    private static final Logger LOG = LoggerFactory.getLogger(HoneyShow.class);
    private static final int PULLS = 40;
    private static final long SEED = 2026;

    private final KitService kit;
    private final SetUpService setUps;
    private final PullService pulls;
    private final Telling telling;
    private final HiddenRig simulated;
    private final ArtworkShelf artworks;
    private final Forecaster forecaster;
    private final RigService rigs;
    private final DryingService dryings;
    private final JobService jobs;
    private final EveningService evenings;
    private final Clock clock;
    private volatile boolean running;

    HoneyShow(
            KitService kit,
            SetUpService setUps,
            PullService pulls,
            Telling telling,
            HiddenRig simulated,
            ArtworkShelf artworks,
            Forecaster forecaster,
            RigService rigs,
            DryingService dryings,
            JobService jobs,
            EveningService evenings,
            Clock clock) {
        this.kit = kit;
        this.setUps = setUps;
        this.pulls = pulls;
        this.telling = telling;
        this.simulated = simulated;
        this.artworks = artworks;
        this.forecaster = forecaster;
        this.rigs = rigs;
        this.dryings = dryings;
        this.jobs = jobs;
        this.evenings = evenings;
        this.clock = clock;
    }

    /** What is pulled in those weeks. */
    private record Job(String title, Route route, String press, String plate, String film, String stock) {}

    private static final List<Job> JOBS = List.of(
            new Job("Prize card, bee", Route.HOT_PLATE, HoneyShowKit.OLD_IRON, "bee", "copper", "ivory-300"),
            new Job("Prize card, First", Route.HOT_PLATE, HoneyShowKit.OLD_IRON, "first", "copper", "ivory-300"),
            new Job("Prize card, Second", Route.HOT_PLATE, HoneyShowKit.OLD_IRON, "second", "silver", "ivory-300"),
            new Job("Jar ribbon", Route.RIBBON, HoneyShowKit.OLD_IRON, "alder-lane", "gold", "ribbon-25"),
            new Job("Rosette panel", Route.HOT_PLATE, HoneyShowKit.OLD_IRON, "rosette", "honey", "white-350"),
            new Job("Stall sign", Route.TAPED_PLATE, HoneyShowKit.WHIRR, "show", "gold", "slate-270"),
            new Job("Stall sign window", Route.ACETATE, HoneyShowKit.OLD_IRON, "alder-lane", "gold", "acetate-hot"),
            new Job("Patron's certificate band", Route.SOLID_PLATE, HoneyShowKit.OLD_IRON, "band", "gold", "white-350"),
            new Job("Bee from a die", Route.DIE_AS_PLATE, HoneyShowKit.WHIRR, "die-bee", "rose", "honey-216"));

    private static final List<Job> PULLED =
            JOBS.stream().filter(j -> j.route != Route.ACETATE).toList();

    @Override
    @Transactional
    public void start() {
        running = true;
        if (!kit.empty()) {
            return;
        }
        LOG.info("Laying out the Alder Lane Honey Show; this takes a quarter of a minute, once");
        new HoneyShowKit(kit).lay();
        Kit things = kit.kit();
        Random random = new Random(SEED);
        for (int i = 0; i < PULLS; i++) {
            // The first jobs come up more often, as prize cards do; the window is still to be pulled.
            Job job = PULLED.get((int) (PULLED.size() * Math.pow(random.nextDouble(), 1.6)));
            pull(varied(started(job, things), things, i, random), job.title, i, random);
        }
        HoneyShowAdvice advice = new HoneyShowAdvice(rigs, forecaster, things);
        new HoneyShowCrafts(setUps, forecaster, advice).lay(things);
        List<SetUp> advised = advice.taken(
                JOBS.stream().map(j -> laid(started(j, things), j, things)).toList());
        for (int i = JOBS.size() - 1; i >= 0; i--) {
            setUps.keep(JOBS.get(i).title, Drafts.draft(advised.get(i)), false);
        }
        new HoneyShowJobs(jobs, setUps).lay();
        dryings.spread(
                new Spread("Drip card, positive", "ivory-300", 0.20, 0.5, true, "drip-stencil", minutesAgo(150)));
        dryings.spread(
                new Spread("Steward’s badges, gel", "white-350", 0.35, 0.5, true, "bee-stencil", minutesAgo(75)));
        pulls.latest().stream()
                .filter(p -> p.outcome() == Outcome.CLEAN)
                .findFirst()
                .ifPresent(p -> pulls.prove(p.id(), p.version()));
        new HoneyShowEvening(evenings, jobs).plan(clock.instant().atZone(ZoneId.systemDefault()));
    }

    @Override
    public void stop() {
        running = false;
    }

    @Override
    public boolean isRunning() {
        return running;
    }

    /** Before the doors open: nobody is to see an empty Bench. */
    @Override
    public int getPhase() {
        return 0;
    }

    /** As the people of the show laid it out. */
    private static SetUp laid(SetUp setUp, Job job, Kit things) {
        return switch (job.title) {
            case "Prize card, First" -> setUp.withLayout(HoneyShowLayouts.prizeCard(setUp.layout(), things));
            case "Jar ribbon" -> setUp.withLayout(HoneyShowLayouts.ribbon(setUp.layout()));
            case "Stall sign" -> setUp.withLayout(HoneyShowLayouts.sign(setUp.layout()));
            case "Stall sign window" -> setUp.withFilmPeeled(true);
            default -> setUp;
        };
    }

    private SetUp started(Job job, Kit things) {
        return StartingStack.of(
                job.route,
                things.press(job.press).orElseThrow(),
                things.platforms().get(0),
                things.plate(job.plate).orElseThrow(),
                things.film(job.film).orElseThrow(),
                things.stock(job.stock).orElseThrow(),
                things.boards(),
                21);
    }

    /** People try things: another soak, another pace, another shim. What cannot be pulled is not tried. */
    private SetUp varied(SetUp start, Kit things, int number, Random random) {
        Inventory shop = new Inventory(things.boards(), artworks);
        for (int attempt = 0; attempt < 40; attempt++) {
            double soak = Math.round(start.onPlatform().soakSeconds() * (0.15 + 1.2 * random.nextDouble()) / 5) * 5.0;
            Heating heating = start.route().taped() || random.nextBoolean()
                    ? start.onPlatform().heating()
                    : Heating.ALONE;
            SetUp tried = start.withSoak(heating, Math.max(10, soak))
                    .withFeed(Pace.values()[random.nextInt(3)], random.nextInt(5) == 0 ? 2 : 1);
            if (random.nextInt(4) == 0) {
                tried = cushioned(tried, things);
            }
            boolean pullable = Rules.pullable(Rules.check(tried, shop));
            // Most evenings people come close to what works; some evenings they do not.
            boolean content = random.nextDouble() < 0.55
                    || pullable && simulated.pull(tried, SEED + number).clean();
            if (pullable && content) {
                return tried;
            }
        }
        return start;
    }

    private void pull(SetUp setUp, String title, int number, Random random) {
        PullOutcome pull = simulated.pull(setUp, SEED + number);
        boolean measured = random.nextInt(3) == 0;
        boolean ghost = simulated.ghosted(setUp, SEED + number);
        boolean specks = random.nextInt(8) == 0;
        Draft draft = Drafts.draft(setUp);
        LogEntry told = new LogEntry(
                title,
                null,
                draft,
                ghost ? Outcome.UNDER : Outcome.of(pull),
                Amount.of(pull, setUp.route().standard()),
                measured ? Math.round(pull.coverage() * 50) / 50.0 : null,
                measured ? Math.round(pull.spillMm() * 20) / 20.0 : null,
                null,
                null,
                ghost ? List.of(Fault.GHOST) : specks ? List.of(Fault.SPECKS) : List.of(),
                specks ? "Brush next time." : "",
                null,
                null,
                false);
        telling.log(told, time(number));
    }

    /** A card shim more, as everybody tries once. */
    private static SetUp cushioned(SetUp setUp, Kit things) {
        Board card = things.boards().stream()
                .filter(b -> b.kind() == Board.Kind.CARD_SHIM)
                .max(Comparator.comparingDouble(Board::thicknessMm))
                .orElseThrow();
        return setUp.withStack(setUp.stack().with(setUp.shimPlace(), new Layer(card, Facing.UP)));
    }

    private Instant minutesAgo(int minutes) {
        return clock.instant().minus(Duration.ofMinutes(minutes));
    }

    /** Six weeks of evenings; the last three pulls are from the hours just past. */
    private Instant time(int number) {
        Instant now = clock.instant();
        int toGo = PULLS - 1 - number;
        if (toGo < 3) {
            return now.minus(Duration.ofMinutes(25L + 40L * toGo));
        }
        return now.minus(Duration.ofMinutes((long) (42.0 * 24 * 60 * toGo / PULLS)));
    }
}

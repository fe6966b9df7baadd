package glanzen.app.pull;

import glanzen.app.keeping.Json;
import glanzen.app.setup.Snapshot;
import glanzen.app.web.Conflict;
import glanzen.app.web.NotFound;
import glanzen.app.web.Pictures;
import glanzen.diagnosis.Cause;
import glanzen.diagnosis.Lesson;
import glanzen.diagnosis.Remedy;
import glanzen.forecast.Forecaster;
import glanzen.kit.Board;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Outcome;
import glanzen.learning.Trend;
import glanzen.learning.Uneven;
import glanzen.photograph.Photograph;
import glanzen.photograph.Placing;
import glanzen.photograph.Straightened;
import glanzen.setup.SetUp;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import org.locationtech.jts.geom.Envelope;
import org.springframework.data.domain.PageRequest;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the logbook tells over many pulls: what a change told, how a recipe drifts, which side comes out weaker, two beside each other. */
@Service
@Transactional
public class PullStories {

    private static final int MOST_POINTS = 200;
    private static final int STRAIGHT_PX = 900;

    private final PullRepository pulls;
    private final PictureRepository pictures;
    private final Forecaster forecaster;
    private final Json json;

    PullStories(PullRepository pulls, PictureRepository pictures, Forecaster forecaster, Json json) {
        this.pulls = pulls;
        this.pictures = pictures;
        this.forecaster = forecaster;
        this.json = json;
    }

    /** What a change tells that was chosen for this pull when the one before it was logged; nothing where none was chosen. */
    @Transactional(readOnly = true)
    public Optional<Lesson> lesson(SetUp setUp, boolean good) {
        return pulls.findFirstByPlateIdAndFilmIdAndStockIdAndMachineIdOrderByNumberDesc(
                        setUp.plate().id(),
                        setUp.needKey(),
                        setUp.stock().id(),
                        setUp.machine().id())
                .flatMap(before -> lesson(before, good));
    }

    private Optional<Lesson> lesson(PullEntity before, boolean good) {
        Remedy tried = before.next;
        return tried == null || before.readOff == null
                ? Optional.empty()
                : Optional.of(Lesson.of(json.read(before.readOff, LogRead.class).shares(), tried, good));
    }

    /** Writes down the change that is made for the pull after this one. */
    public void next(String id, Remedy remedy, Map<Cause, Double> shares) {
        PullEntity pull = find(id);
        LogRead read = pull.readOff == null ? null : json.read(pull.readOff, LogRead.class);
        pull.take(read == null ? LogRead.ticked(shares) : read.believing(shares), json);
        pull.next = remedy;
        pulls.saveAndFlush(pull);
    }

    /** What was read off a picture of a pull that was logged before. */
    public void read(String id, LogRead read) {
        PullEntity pull = find(id);
        pull.take(read, json);
        pulls.saveAndFlush(pull);
    }

    /** One side, or the middle with one of the boards, that comes out weaker on a machine again and again. */
    @Transactional(readOnly = true)
    public Optional<Uneven> uneven(String machineId) {
        return Uneven.of(pulls.findTop20ByMachineIdAndReadOffIsNotNullOrderByNumberDesc(machineId).stream()
                .flatMap(p -> side(p).stream())
                .toList());
    }

    /** Whether a middle that comes out weaker on a machine goes with one of its boards. */
    @Transactional(readOnly = true)
    public boolean bowed(String machineId) {
        return uneven(machineId).filter(u -> u.place() == Uneven.Place.MIDDLE).isPresent();
    }

    private Optional<Uneven.Read> side(PullEntity p) {
        LogRead read = json.read(Objects.requireNonNull(p.readOff), LogRead.class);
        if (read.onRight() == null || read.inMiddle() == null) {
            return Optional.empty();
        }
        return Optional.of(new Uneven.Read(
                read.onRight().value(),
                read.inMiddle().value(),
                json.read(p.snapshot, Snapshot.class).setUp().stack().all(Board.class).stream()
                        .map(Board::name)
                        .collect(Collectors.toSet())));
    }

    /**
     * A recipe over time.
     *
     * @param points oldest first
     * @param says what the points tell together; empty where nothing
     */
    public record RecipeTrend(List<TrendPoint> points, double enough, String says) {}

    /**
     * A pull of it.
     *
     * @param readOff whether its coverage was measured or given, not just said in a word
     */
    public record TrendPoint(
            String id,
            int number,
            Instant loggedAt,
            Outcome outcome,
            double coverage,
            double spillMm,
            double roomC,
            boolean readOff) {}

    /** How pulls with the same tool, film, stock and machine as one have come out over time. */
    @Transactional(readOnly = true)
    public RecipeTrend trend(String id) {
        PullEntity of = find(id);
        PullFilter same = new PullFilter(of.plateId, of.stockId, of.filmId, of.machineId, null, null, null, null, null);
        List<PullEntity> all = new ArrayList<>(pulls.findAll(
                        same.where(),
                        PageRequest.of(0, MOST_POINTS, Sort.by("number").descending()))
                .getContent());
        Collections.reverse(all);
        List<TrendPoint> points = all.stream().map(this::point).toList();
        Trend trend = Trend.of(
                points.stream().map(p -> new Trend.Point(p.coverage, p.roomC)).toList());
        SetUp setUp = json.read(of.snapshot, Snapshot.class).setUp();
        return new RecipeTrend(points, setUp.route().standard().enough(), trend.says());
    }

    private TrendPoint point(PullEntity p) {
        SetUp setUp = json.read(p.snapshot, Snapshot.class).setUp();
        Observation word =
                Observation.roughly(p.outcome, p.amount, setUp.route().standard());
        return new TrendPoint(
                p.id,
                p.number,
                p.loggedAt,
                p.outcome,
                p.coverage != null ? p.coverage : word.likelyCoverage(),
                p.spillMm != null ? p.spillMm : word.likelySpillMm(),
                setUp.roomC(),
                p.coverage != null);
    }

    /** The photograph seen straight from above, its design filling it, so that two of one plate lie on each other. */
    @Transactional(readOnly = true)
    public byte[] straight(String id) {
        PullEntity pull = find(id);
        byte[] photograph = pictures.findById(id).map(PictureEntity::read).orElse(null);
        LogRead read = pull.readOff == null ? null : json.read(pull.readOff, LogRead.class);
        if (photograph == null || read == null || read.placing() == null) {
            throw new Conflict("This pull was not read off a picture, so it cannot be seen straight from above.");
        }
        SetUp setUp = json.read(pull.snapshot, Snapshot.class).setUp();
        Photograph seen = Photograph.of(Pictures.measured(photograph));
        Envelope box = DesignView.of(setUp, forecaster.artwork(setUp)).design();
        return Pictures.jpeg(Straightened.of(seen, Placing.onWidth(read.homography(), seen.width()), box, STRAIGHT_PX));
    }

    private PullEntity find(String id) {
        return pulls.findById(id).orElseThrow(() -> new NotFound("This pull"));
    }
}

package glanzen.app.reading;

import glanzen.advice.Contrast;
import glanzen.app.kit.KitService;
import glanzen.app.pull.DesignView;
import glanzen.app.pull.LogRead;
import glanzen.app.pull.PullService;
import glanzen.app.pull.PullStories;
import glanzen.app.run.RunService;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.SetUpService;
import glanzen.app.web.Pictures;
import glanzen.artwork.Artwork;
import glanzen.artwork.PathText;
import glanzen.diagnosis.Diagnosis.Evidence;
import glanzen.diagnosis.Lesson;
import glanzen.diagnosis.Rescue;
import glanzen.diagnosis.Signs;
import glanzen.diagnosis.Verdict;
import glanzen.forecast.Forecaster;
import glanzen.inspect.Expected;
import glanzen.inspect.PictureReader;
import glanzen.inspect.Reading;
import glanzen.inspect.Stage;
import glanzen.inspect.Unreadable;
import glanzen.layout.Piece;
import glanzen.learning.Uneven;
import glanzen.measure.BadInput;
import glanzen.photograph.Photograph;
import glanzen.pull.TransferModel;
import glanzen.route.Standard;
import glanzen.setup.SetUp;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.springframework.stereotype.Service;

/** Reads pulls off pictures. */
@Service
class ReadingService {

    /** Room around a plate that is laid on no piece. */
    private static final int ROOM_MM = 20;

    private final SetUpService setUps;
    private final RunService runs;
    private final PullService pulls;
    private final PullStories stories;
    private final KitService kit;
    private final ForecastService forecasts;
    private final Forecaster forecaster;
    private final Why why;

    ReadingService(
            SetUpService setUps,
            RunService runs,
            PullService pulls,
            PullStories stories,
            KitService kit,
            ForecastService forecasts,
            Forecaster forecaster,
            Why why) {
        this.setUps = setUps;
        this.runs = runs;
        this.pulls = pulls;
        this.stories = stories;
        this.kit = kit;
        this.forecasts = forecasts;
        this.forecaster = forecaster;
        this.why = why;
    }

    /** Which pull is asked about: by its set-up, its run, or itself. */
    record Asked(
            @Nullable String setUpId,
            @Nullable String runId,
            @Nullable String pullId) {
        Asked {
            long named = Stream.of(setUpId == null, runId == null, pullId == null)
                    .filter(no -> !no)
                    .count();
            if (named != 1) {
                throw new BadInput("setUpId", "or runId or pullId says which pull it is", "exactly one of them");
            }
        }
    }

    SetUp setUp(Asked asked) {
        if (asked.setUpId() != null) {
            return forecasts.setUp(setUps.get(asked.setUpId()).draft());
        }
        return asked.runId() != null ? runs.pulledSetUp(asked.runId()) : pulls.setUpOf(String.valueOf(asked.pullId()));
    }

    /**
     * The two ends of a design that a person marks where nothing is found.
     *
     * @param design as a path in millimetres of the piece
     * @param ends x and y by turns, mm
     */
    record Ends(String design, double leftMm, double bottomMm, double widthMm, double heightMm, double[] ends) {}

    Ends ends(Asked asked) {
        SetUp setUp = forecasts.computable(setUp(asked));
        Artwork pressed = forecaster.artwork(setUp);
        DesignView view = DesignView.of(setUp, pressed);
        double[] mm = Expected.of(setUp, pressed, forecaster.shelf()).ends();
        double[] onPiece = new double[mm.length];
        for (int i = 0; i < mm.length; i += 2) {
            Coordinate at = view.toPiece().transform(new Coordinate(mm[i], mm[i + 1]), new Coordinate());
            onPiece[i] = at.x;
            onPiece[i + 1] = at.y;
        }
        Envelope box = view.design();
        return new Ends(
                PathText.write(view.toPiece().transform(pressed.shape())),
                box.getMinX(),
                box.getMinY(),
                box.getWidth(),
                box.getHeight(),
                onPiece);
    }

    /** @param at told what the reading is at; it may throw to end it */
    ReadingView read(Asked asked, List<byte[]> files, double @Nullable [] marks, Consumer<Stage> at) {
        SetUp setUp = forecasts.computable(setUp(asked));
        if (!(forecaster.model(setUp) instanceof TransferModel)) {
            throw refused(Unreadable.Reason.BY_EYE);
        }
        Artwork pressed = forecaster.artwork(setUp);
        List<Photograph> photographs = new ArrayList<>();
        for (byte[] file : files) {
            photographs.add(Photograph.of(Pictures.measured(file)));
        }
        Expected expected = Expected.of(setUp, pressed, forecaster.shelf());
        try {
            Reading reading = new PictureReader(expected, at).read(photographs, marks);
            at.accept(Stage.WEIGHING);
            return view(asked, setUp, expected, reading, photographs.get(0));
        } catch (Unreadable unreadable) {
            throw refused(unreadable.reason());
        }
    }

    private static BadInput refused(Unreadable.Reason reason) {
        return new BadInput("picture", reason.what(), reason.accepted());
    }

    private ReadingView view(Asked asked, SetUp setUp, Expected expected, Reading reading, Photograph photograph) {
        Standard standard = setUp.route().standard().counting(expected.artwork().counterMm());
        Verdict verdict = verdict(setUp, expected, reading, standard);
        Signs signs = Signs.of(reading.all());
        LogSeen seen = LogSeen.of(reading.all(), standard);
        // A pull that stands in the logbook already was answered for when it was logged.
        Lesson lesson = asked.pullId() != null
                ? null
                : stories.lesson(setUp, verdict.action().good()).orElse(null);
        WhyView causes = why.of(
                setUp, new Evidence(signs, Map.of(), lesson, verdict.action().good()), seen.observation());
        String says = lesson == null ? "" : lesson.says(setUp.route());
        DesignView view = DesignView.of(setUp, expected.artwork());
        LogRead kept = new LogRead(
                verdict.action(),
                causes.shares(),
                reading.all().onRight(),
                reading.all().inMiddle(),
                Arrays.stream(reading.views()
                                .get(0)
                                .design()
                                .after(view.toFeed())
                                .onUnitWidth(photograph.width()))
                        .boxed()
                        .toList(),
                says);
        String uneven = stories.uneven(setUp.machine().id()).map(Uneven::says).orElse("");
        return new ReadingViews(setUp, expected, reading, view)
                .of(verdict, signs, causes, says, uneven, seen.log(kept), photograph);
    }

    private Verdict verdict(SetUp setUp, Expected expected, Reading reading, Standard standard) {
        double difference = Contrast.of(setUp).difference();
        AffineTransformation toPiece = DesignView.of(setUp, expected.artwork()).toPiece();
        Verdict plain = Verdict.of(reading.all(), reading.stays(), standard, difference)
                .registered(reading.place().in(toPiece));
        if (plain.action().keeps()) {
            return plain;
        }
        Geometry design = toPiece.transform(expected.artwork().shape());
        return Verdict.faults(reading.all(), standard, difference)
                .map(toPiece::transform)
                .flatMap(faults -> Rescue.of(
                        new Rescue.Asked(design, !standard.edgeShows(), piece(setUp, design), faults, meant(setUp)),
                        kit.kit().plates(),
                        forecaster.shelf()))
                .map(rescue ->
                        plain.rescued(rescue, design.getEnvelopeInternal().centre()))
                .orElse(plain);
    }

    private static Envelope piece(SetUp setUp, Geometry design) {
        if (setUp.layout().laid()) {
            Piece piece = setUp.layout().piece();
            return new Envelope(0, piece.widthMm(), 0, piece.heightMm());
        }
        Envelope around = design.getEnvelopeInternal();
        around.expandBy(ROOM_MM);
        return around;
    }

    private static String meant(SetUp setUp) {
        return setUp.layout().cuts().stream()
                .map(cut -> cut.plate().set())
                .findFirst()
                .orElse("");
    }
}

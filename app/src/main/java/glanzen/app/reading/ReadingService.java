package glanzen.app.reading;

import glanzen.advice.Contrast;
import glanzen.app.pull.PullService;
import glanzen.app.reading.ReadingView.FoundPlace;
import glanzen.app.reading.ReadingView.MeasuresView;
import glanzen.app.reading.ReadingView.ReadLog;
import glanzen.app.reading.ReadingView.SpotView;
import glanzen.app.reading.ReadingView.Straight;
import glanzen.app.run.RunService;
import glanzen.app.setup.ForecastService;
import glanzen.app.setup.SetUpService;
import glanzen.app.web.Pictures;
import glanzen.artwork.Artwork;
import glanzen.artwork.PathText;
import glanzen.diagnosis.Signs;
import glanzen.diagnosis.Verdict;
import glanzen.forecast.Forecaster;
import glanzen.inspect.Expected;
import glanzen.inspect.Figure;
import glanzen.inspect.Measures;
import glanzen.inspect.Photograph;
import glanzen.inspect.PictureReader;
import glanzen.inspect.Placing;
import glanzen.inspect.Reading;
import glanzen.inspect.Straightened;
import glanzen.inspect.Unreadable;
import glanzen.layout.OnPlatform;
import glanzen.learning.Fault;
import glanzen.learning.Observation;
import glanzen.learning.Observation.Amount;
import glanzen.learning.Observation.Outcome;
import glanzen.measure.BadInput;
import glanzen.measure.Figures;
import glanzen.pull.PullOutcome;
import glanzen.pull.TransferModel;
import glanzen.route.Standard;
import glanzen.setup.SetUp;
import glanzen.transfer.Ghost;
import java.util.ArrayList;
import java.util.Base64;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.util.AffineTransformation;
import org.springframework.stereotype.Service;

/** Reads pulls off pictures. */
@Service
class ReadingService {

    private static final int STRAIGHT_PX = 1000;
    private static final int AROUND_MM = 8;
    private static final int MOST_SPOTS = 12;

    private final SetUpService setUps;
    private final RunService runs;
    private final PullService pulls;
    private final ForecastService forecasts;
    private final Forecaster forecaster;
    private final Why why;

    ReadingService(
            SetUpService setUps,
            RunService runs,
            PullService pulls,
            ForecastService forecasts,
            Forecaster forecaster,
            Why why) {
        this.setUps = setUps;
        this.runs = runs;
        this.pulls = pulls;
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

    ReadingView read(Asked asked, List<byte[]> files, double @Nullable [] corners) {
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
            Reading reading = new PictureReader(expected).read(photographs, corners);
            return view(setUp, expected, reading, photographs.get(0));
        } catch (Unreadable unreadable) {
            throw refused(unreadable.reason());
        }
    }

    private static BadInput refused(Unreadable.Reason reason) {
        return new BadInput("picture", reason.what(), reason.accepted());
    }

    private ReadingView view(SetUp setUp, Expected expected, Reading reading, Photograph photograph) {
        Standard standard = setUp.route().standard().counting(expected.artwork().counterMm());
        Measures stays = reading.stays();
        Verdict verdict =
                Verdict.of(reading.all(), stays, standard, Contrast.of(setUp).difference());
        Signs signs = Signs.of(reading.all());
        ReadLog log = log(reading, standard);
        Observation seen = Observation.roughly(log.outcome(), log.amount(), standard)
                .withCoverage(log.coverage(), 2 * log.coverageGive())
                .withSpill(log.spillMm(), 2 * log.spillGiveMm());
        AffineTransformation toPiece = toPiece(setUp);
        String title = "%s: what %s is %.1f %% covered"
                .formatted(
                        verdict.action().label(),
                        expected.stays() == null ? "was pulled" : "stays",
                        100 * stays.coverage().value());
        return new ReadingView(
                title,
                verdict.action(),
                verdict.steps(),
                place(reading.place(), setUp),
                MeasuresView.of(reading.all()),
                MeasuresView.of(stays),
                expected.stays() != null,
                reading.softMm(),
                spots(reading, toPiece),
                signs,
                why.of(setUp, signs, Map.of(), seen),
                log,
                straight(setUp, expected, reading, photograph));
    }

    /** From the frame of the feed to the piece as read. */
    private static AffineTransformation toPiece(SetUp setUp) {
        return setUp.layout().laid() ? new OnPlatform(setUp.layout()).fromFeedFrame() : new AffineTransformation();
    }

    private static FoundPlace place(Reading.Place place, SetUp setUp) {
        AffineTransformation turn = toPiece(setUp);
        Coordinate none = turn.transform(new Coordinate(0, 0), new Coordinate());
        Coordinate moved = turn.transform(
                new Coordinate(place.rightMm().value(), place.upMm().value()), new Coordinate());
        Figure right = new Figure(moved.x - none.x, place.rightMm().give());
        Figure up = new Figure(moved.y - none.y, place.upMm().give());
        return new FoundPlace(place.known(), right, up, place.turnDegrees(), says(place, right, up));
    }

    private static String says(Reading.Place place, Figure right, Figure up) {
        if (!place.known()) {
            return "found by its design; where it lies on the sheet is not known";
        }
        List<String> parts = new ArrayList<>();
        if (Math.abs(right.value()) > Reading.Place.SEEN_SHIFT_MM) {
            parts.add(Figures.length(Math.abs(right.value())) + (right.value() > 0 ? " right" : " left"));
        }
        if (Math.abs(up.value()) > Reading.Place.SEEN_SHIFT_MM) {
            parts.add(Figures.length(Math.abs(up.value())) + (up.value() > 0 ? " above" : " below"));
        }
        String shift =
                parts.isEmpty() ? "lying in its place" : "lying " + String.join(" and ", parts) + " of its place";
        double turned = place.turnDegrees().value();
        return Math.abs(turned) > Reading.Place.SEEN_TURN_DEGREES
                ? shift + String.format(Locale.ROOT, ", turned %.1f°", turned)
                : shift;
    }

    private static List<SpotView> spots(Reading reading, AffineTransformation toPiece) {
        // Of what stays first: that is what a person decides by.
        return reading.stays().spots().stream()
                .limit(MOST_SPOTS)
                .map(s -> {
                    Coordinate at = toPiece.transform(new Coordinate(s.xMm(), s.yMm()), new Coordinate());
                    return new SpotView(s.kind(), at.x, at.y, s.areaMm2(), s.longMm(), s.stays());
                })
                .toList();
    }

    private static ReadLog log(Reading reading, Standard standard) {
        Measures m = reading.all();
        double coverage = m.coverage().value();
        double spill = Math.min(5, m.spillMm().value());
        PullOutcome outcome = new PullOutcome(1, coverage, spill, 0, standard.under(coverage), standard.over(spill));
        List<Fault> faults = new ArrayList<>();
        if (m.ghostMm().value() > Ghost.VISIBLE_MM) {
            faults.add(Fault.GHOST);
        }
        if (m.coverage().value() < Signs.NOTHING) {
            faults.add(Fault.NOTHING);
        }
        return new ReadLog(
                Outcome.of(outcome),
                Amount.of(outcome, standard),
                coverage,
                m.coverage().give(),
                spill,
                Math.min(1, m.spillMm().give()),
                faults);
    }

    private Straight straight(SetUp setUp, Expected expected, Reading reading, Photograph photograph) {
        AffineTransformation toPiece = toPiece(setUp);
        Envelope box = new Envelope(expected.artwork().designBox());
        if (expected.stays() != null) {
            box.expandToInclude(expected.stays().getEnvelopeInternal());
        }
        box.expandBy(AROUND_MM);
        box = toPiece.transform(new GeometryFactory().toGeometry(box)).getEnvelopeInternal();
        if (expected.sheetKnown()) {
            box = box.intersection(new Envelope(
                    0,
                    setUp.layout().piece().widthMm(),
                    0,
                    setUp.layout().piece().heightMm()));
        }
        Placing placing = reading.views().get(0).design();
        AffineTransformation toFeed =
                setUp.layout().laid() ? new OnPlatform(setUp.layout()).toFeedFrame() : new AffineTransformation();
        byte[] jpeg = Pictures.jpeg(Straightened.of(photograph, placing.after(toFeed), box, STRAIGHT_PX));
        return new Straight(
                "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(jpeg),
                box.getMinX(),
                box.getMinY(),
                box.getWidth(),
                box.getHeight(),
                expected.stays() == null ? null : PathText.write(toPiece.transform(expected.stays())),
                reading.views().get(0).corners(),
                photograph.width(),
                photograph.height());
    }
}

package glanzen.app.reading;

import glanzen.app.pull.DesignView;
import glanzen.app.reading.ReadingView.FoundPlace;
import glanzen.app.reading.ReadingView.MeasuresView;
import glanzen.app.reading.ReadingView.ReadLog;
import glanzen.app.reading.ReadingView.SpotView;
import glanzen.app.reading.ReadingView.Straight;
import glanzen.app.web.Pictures;
import glanzen.artwork.PathText;
import glanzen.diagnosis.Signs;
import glanzen.diagnosis.Verdict;
import glanzen.inspect.Expected;
import glanzen.inspect.Reading;
import glanzen.layout.Piece;
import glanzen.photograph.Photograph;
import glanzen.photograph.Straightened;
import glanzen.setup.SetUp;
import java.util.Base64;
import java.util.List;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;

/** Shows a reading in the frame of the piece, in words and as a picture. */
record ReadingViews(SetUp setUp, Expected expected, Reading reading, DesignView view) {

    private static final int STRAIGHT_PX = 1000;
    private static final int MOST_SPOTS = 12;

    ReadingView of(
            Verdict verdict,
            Signs signs,
            WhyView causes,
            String lesson,
            String uneven,
            ReadLog log,
            Photograph photograph) {
        String title = "%1$s: %3$.0f %% of %2$s is covered"
                .formatted(
                        verdict.action().label(),
                        expected.stays() == null ? "the design" : "what stays",
                        100 * reading.stays().coverage().value());
        return new ReadingView(
                title,
                verdict.action(),
                verdict.action().good(),
                verdict.steps(),
                place(),
                MeasuresView.of(reading.all()),
                MeasuresView.of(reading.stays()),
                expected.stays() != null,
                reading.softMm(),
                spots(),
                signs,
                causes,
                lesson,
                uneven,
                log,
                straight(photograph));
    }

    private FoundPlace place() {
        Reading.Place place = reading.place().in(view.toPiece());
        return new FoundPlace(place.known(), place.rightMm(), place.upMm(), place.turnDegrees(), place.says());
    }

    private List<SpotView> spots() {
        // Of what stays first: that is what a person decides by.
        return reading.stays().spots().stream()
                .limit(MOST_SPOTS)
                .map(s -> {
                    Coordinate at = view.toPiece().transform(new Coordinate(s.xMm(), s.yMm()), new Coordinate());
                    return new SpotView(s.kind(), at.x, at.y, s.areaMm2(), s.longMm(), s.stays());
                })
                .toList();
    }

    private Straight straight(Photograph photograph) {
        Envelope box = new Envelope(view.design());
        if (expected.stays() != null) {
            Envelope stays = view.toPiece().transform(expected.stays()).getEnvelopeInternal();
            stays.expandBy(DesignView.AROUND_MM);
            box.expandToInclude(stays);
        }
        if (expected.sheetKnown()) {
            Piece piece = setUp.layout().piece();
            box = box.intersection(new Envelope(0, piece.widthMm(), 0, piece.heightMm()));
        }
        Reading.View first = reading.views().get(0);
        byte[] jpeg = Pictures.jpeg(Straightened.of(photograph, first.design().after(view.toFeed()), box, STRAIGHT_PX));
        return new Straight(
                "data:image/jpeg;base64," + Base64.getEncoder().encodeToString(jpeg),
                box.getMinX(),
                box.getMinY(),
                box.getWidth(),
                box.getHeight(),
                expected.stays() == null ? null : PathText.write(view.toPiece().transform(expected.stays())),
                first.corners(),
                photograph.width(),
                photograph.height());
    }
}

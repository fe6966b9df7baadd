package glanzen.advice;

import glanzen.forecast.Forecast;
import glanzen.route.Medium;
import glanzen.setup.SetUp;
import java.util.Optional;

/** Whether a pull is worth trying on scrap first, and why. */
public final class ScrapTest {

    /** Below this share of good pulls a sheet of card is worth less than what is learned from scrap. */
    private static final double SURE = 0.7;

    private static final int MANY_PLATES = 3;

    private ScrapTest() {}

    /**
     * Why it is worth it, in a sentence; nothing where it is not.
     *
     * @param expected what to expect
     * @param pulled whether this tool, film and stock were pulled before
     */
    public static Optional<String> why(SetUp setUp, Forecast expected, boolean pulled) {
        if (setUp.medium() == Medium.DRY || setUp.medium() == Medium.WET) {
            return Optional.of("The ink and paint under it took longer than a scrap of card costs");
        }
        if (setUp.layout().plates().size() >= MANY_PLATES) {
            return Optional.of(setUp.layout().plates().size() + " plates at once are laid most surely once they were "
                    + "laid on scrap");
        }
        if (expected.clean() < SURE) {
            return Optional.of("The forecast is not sure, and one pull on scrap tells more than anything else");
        }
        return pulled ? Optional.empty() : Optional.of("You haven't used this plate, foil and card together yet");
    }
}

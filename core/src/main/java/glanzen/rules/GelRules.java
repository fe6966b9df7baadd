package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.kit.Film;
import glanzen.kit.Pace;
import glanzen.kit.Stock;
import glanzen.measure.Figures;
import glanzen.setup.Gel;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import glanzen.transfer.Drying;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;

/** What gel asks for: dryness, freshness, heavy stock, a clean stencil. */
final class GelRules {

    static final List<Rule> ALL = Rules.whereComputable(List.of(
            GelRules::wet, GelRules::old, GelRules::heavy, GelRules::spray, GelRules::stencil, GelRules::flockPeel));

    private GelRules() {}

    private static Gel gel(SetUp s) {
        return Objects.requireNonNull(s.gel());
    }

    private static Stream<Finding<SetUp>> wet(SetUp s, Inventory shop) {
        double dryness = gel(s).dryness(s.roomC());
        if (dryness >= Drying.SOUND) {
            return Stream.empty();
        }
        double sound = Math.ceil(gel(s).drying(s.roomC()).secondsTo(Drying.SOUND) / 60) * 60;
        int stock = s.stack().indexOf(Stock.class);
        Mend<SetUp> mend = new Mend<>("Let it dry " + Figures.duration(sound), s.withGel(gel(s).dried(sound)));
        if (dryness < Drying.BLOB) {
            return Stream.of(Finding.at(
                    stock,
                    RuleId.GEL_WET,
                    gel(s).driedSeconds() == 0 ? "The gel has only just been spread" : "The gel is not dry yet",
                    "Pressed now it is squashed to a blob: white is wet, clear is dry; thin coats want two hours, "
                            + "thick ones a day",
                    mend));
        }
        return Stream.of(Finding.at(
                stock, RuleId.GEL_SOFT, "The gel is clear but still soft", "It holds better once it is sound", mend));
    }

    private static Stream<Finding<SetUp>> old(SetUp s, Inventory shop) {
        return gel(s).driedSeconds() <= Drying.USE_WITHIN_SECONDS
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Stock.class),
                        RuleId.GEL_OLD,
                        "The gel is more than a week old",
                        "It stays tacky for about a week; after that, film holds less and less",
                        null));
    }

    private static Stream<Finding<SetUp>> heavy(SetUp s, Inventory shop) {
        double gsm = s.stock().gsm();
        return !Drying.curls(gsm)
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Stock.class),
                        RuleId.GEL_STOCK,
                        "The stock is light for gel: " + Figures.weight(gsm),
                        "Heavy stock, about " + Figures.weight(300) + ", resists the curl of drying gel",
                        null));
    }

    private static Stream<Finding<SetUp>> spray(SetUp s, Inventory shop) {
        boolean foil = s.film().kind() != Film.Kind.FLOCK;
        return !gel(s).sprayed()
                ? Stream.empty()
                : Stream.of(
                        foil
                                ? Finding.at(
                                        s.stack().indexOf(Stock.class),
                                        RuleId.SPRAY_FOIL,
                                        "The stencil was held with spray",
                                        "Foil sticks to what the spray leaves beside the design",
                                        new Mend<>("Lay it without spray", s.withGel(gel(s).spraying(false))))
                                : Finding.at(
                                        s.stack().indexOf(Stock.class),
                                        RuleId.SPRAY_FLOCK,
                                        "The stencil was held with spray",
                                        "Flock hardly takes to what it leaves; edges are crisper for it",
                                        null));
    }

    private static Stream<Finding<SetUp>> stencil(SetUp s, Inventory shop) {
        return gel(s).driedSeconds() > 0
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Stock.class),
                        RuleId.STENCIL_CLEAN,
                        "Clean " + s.plate().name() + " at once, and put what is over back into the pot",
                        "Dried gel closes a stencil; spread generously all the same",
                        null));
    }

    private static Stream<Finding<SetUp>> flockPeel(SetUp s, Inventory shop) {
        return s.film().kind() != Film.Kind.FLOCK || s.pace() == Pace.SLOW
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Film.class),
                        RuleId.FLOCK_SLOW,
                        "Flock likes it slow, and takes two or three passes",
                        "The fibres have to bed themselves into the gel",
                        new Mend<>("Slow, two passes", s.withFeed(Pace.SLOW, 2))));
    }
}

package glanzen.rules;

import glanzen.artwork.Motif;
import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.heat.Cooling;
import glanzen.kit.Film;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.material.Surface;
import glanzen.measure.Figures;
import glanzen.pull.AsLabelled;
import glanzen.route.Heating;
import glanzen.route.Medium;
import glanzen.route.Peel;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.List;
import java.util.stream.Stream;

/** What experience asks of the routes that are done on a heated platform. */
final class CraftRules {

    static final List<Rule> ALL = Rules.whereComputable(List.of(
            CraftRules::heatProof,
            CraftRules::protectiveFilm,
            CraftRules::medium,
            CraftRules::taped,
            CraftRules::soaked,
            CraftRules::solid,
            CraftRules::smallWords));

    private static final double SMALL_CM2 = 25;
    private static final double LEAST_SOAK = 10;
    private static final double SOLID_SOAK = 180;

    private CraftRules() {}

    static Stream<Finding<SetUp>> heatProof(SetUp s, Inventory shop) {
        return s.stock().heatProof()
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Stock.class),
                        RuleId.HEAT_PROOF,
                        s.stock().name() + " is not rated for heat",
                        "Unknown plastics can melt or give off fumes at " + Figures.temperature(s.setPointC()),
                        null));
    }

    private static Stream<Finding<SetUp>> protectiveFilm(SetUp s, Inventory shop) {
        if (!s.stock().protectiveFilm() || s.filmPeeled()) {
            return Stream.empty();
        }
        return Stream.of(Finding.at(
                s.stack().indexOf(Stock.class),
                RuleId.PROTECTIVE_FILM,
                "The protective film is still on the foil side",
                "Foil would stick to the film instead. Take it off there now, and off the other side after foiling",
                new Mend<>("It is off", s.withFilmPeeled(true))));
    }

    private static Stream<Finding<SetUp>> medium(SetUp s, Inventory shop) {
        int stock = s.stack().indexOf(Stock.class);
        if (s.medium() == Medium.WET) {
            return Stream.of(Finding.at(
                    stock,
                    RuleId.MEDIUM_WET,
                    "The ink or paint is still wet",
                    "Foil goes on top of what is fully dry; steam and wet ink spoil plate and foil",
                    new Mend<>("It is dry now", s.withMedium(Medium.DRY))));
        }
        if (s.route().overMedium() && s.medium() == Medium.NONE) {
            return Stream.of(Finding.at(
                    stock,
                    RuleId.MEDIUM_NONE,
                    "There is no medium under the foil",
                    "Ink or paint first, foil on top",
                    null));
        }
        return Stream.empty();
    }

    private static Stream<Finding<SetUp>> taped(SetUp s, Inventory shop) {
        if (!s.route().taped() || s.onPlatform().heating() == Heating.TOGETHER) {
            return Stream.empty();
        }
        double soak = Math.max(s.onPlatform().soakSeconds(), s.route().soakSeconds());
        return Stream.of(Finding.at(
                s.stack().indexOf(Plate.class),
                RuleId.TAPED_TOGETHER,
                "A taped plate cannot heat on its own",
                "Plate, foil and stock go on as one, so the plate starts cold and the soak is longer",
                new Mend<>("Heat it all together", s.withSoak(Heating.TOGETHER, soak))));
    }

    private static Stream<Finding<SetUp>> soaked(SetUp s, Inventory shop) {
        return s.onPlatform().soakSeconds() >= LEAST_SOAK || new AsLabelled(s, shop.artworks()).complete()
                ? Stream.empty()
                : Stream.of(Finding.at(
                        s.stack().indexOf(Plate.class),
                        RuleId.SOAK_SHORT,
                        "The plate has hardly any time to heat",
                        "A soak of 15 to 45 s is usual for words, minutes for solids",
                        new Mend<>(
                                "Soak " + (int) s.route().soakSeconds() + " s",
                                s.withSoak(s.route().soakSeconds()))));
    }

    private static Stream<Finding<SetUp>> solid(SetUp s, Inventory shop) {
        if (s.plate().kind() != Plate.Kind.SOLID_PLATE) {
            return Stream.empty();
        }
        int plate = s.stack().indexOf(Plate.class);
        return Stream.of(
                        when(
                                s.onPlatform().soakSeconds() < SOLID_SOAK
                                        && !new AsLabelled(s, shop.artworks()).complete(),
                                Finding.at(
                                        plate,
                                        RuleId.SOLID_SOAK,
                                        "A solid plate has had too little soak",
                                        "Give it 3 to 5 min after the platform is ready",
                                        new Mend<>("Soak 4 min", s.withSoak(240)))),
                        when(
                                s.peel().cooling() == Cooling.IN_AIR && s.peel().seconds() < 30,
                                Finding.at(
                                        s.stack().indexOf(Film.class),
                                        RuleId.SOLID_PEEL,
                                        "This solid would be peeled while warm",
                                        "Hot foil comes back off in patches",
                                        new Mend<>("Peel cold", s.withPeel(Peel.COLD)))),
                        when(
                                s.stock().surface() == Surface.TEXTURED,
                                Finding.at(
                                        s.stack().indexOf(Stock.class),
                                        RuleId.SOLID_TEXTURE,
                                        "The stock is textured",
                                        "A solid comes out mottled on texture; take smooth stock",
                                        null)))
                .flatMap(f -> f);
    }

    private static Stream<Finding<SetUp>> when(boolean broken, Finding<SetUp> finding) {
        return broken ? Stream.of(finding) : Stream.empty();
    }

    private static Stream<Finding<SetUp>> smallWords(SetUp s, Inventory shop) {
        boolean small =
                s.plate().motif().kind() == Motif.Kind.WORDS && s.plate().areaCm2() < SMALL_CM2;
        if (!small || s.onPlatform().heating() != Heating.COVERED || s.route().taped()) {
            return Stream.empty();
        }
        return Stream.of(Finding.at(
                s.stack().indexOf(Plate.class),
                RuleId.SMALL_WORDS,
                "Small loose plates: leave the cover off while heating, or tape them",
                "Laying the cover on can knock small words askew",
                new Mend<>(
                        "Leave the cover off",
                        s.withSoak(Heating.ALONE, s.onPlatform().soakSeconds()))));
    }
}

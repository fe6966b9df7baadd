package glanzen.training;

import glanzen.artwork.Artwork;
import glanzen.kit.Leftover;
import glanzen.kit.Plate;
import glanzen.layout.Arrangement;
import glanzen.layout.FlipAxis;
import glanzen.layout.HangingEnd;
import glanzen.layout.Layout;
import glanzen.layout.Placed;
import glanzen.layout.RibbonReading;
import glanzen.leftover.LeftoverFinder;
import glanzen.leftover.LeftoverFinder.Found;
import glanzen.measure.Figures;
import glanzen.picture.Picture;
import glanzen.route.Route;
import glanzen.setup.SetUp;
import glanzen.training.Question.Option;
import glanzen.training.Workshop.Named;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;

/** Where things lie: on a leftover, along a ribbon, on a sheet that is turned over. */
final class LayingDrills {

    private static final int LEFTOVERS = 4;
    private static final List<String> CORNERS = List.of("lower left", "lower right", "upper left", "upper right");

    private final Workshop workshop;

    LayingDrills(Workshop workshop) {
        this.workshop = workshop;
    }

    /** Which one of four leftovers still has foil for a design. */
    Optional<Drill> leftover(Topic topic, Random luck) {
        LeftoverFinder finder = new LeftoverFinder(workshop.artworks());
        List<Plate> plates = new ArrayList<>(workshop.setUps().stream()
                .map(Named::setUp)
                .filter(s -> s.route().film().isPresent())
                .map(SetUp::plate)
                .distinct()
                .toList());
        Collections.shuffle(plates, luck);
        List<Leftover> all = new ArrayList<>(workshop.leftovers());
        Collections.shuffle(all, luck);
        for (Plate plate : plates) {
            Artwork artwork = workshop.artworks().of(plate.motif(), plate.widthMm(), plate.heightMm());
            Set<String> covering = finder.find(artwork, all).stream()
                    .map(Found::leftover)
                    .map(Leftover::id)
                    .collect(Collectors.toSet());
            List<Leftover> not = all.stream()
                    .filter(l -> !covering.contains(l.id()))
                    .limit(LEFTOVERS - 1)
                    .toList();
            Optional<Leftover> one =
                    all.stream().filter(l -> covering.contains(l.id())).findFirst();
            if (one.isPresent() && not.size() == LEFTOVERS - 1) {
                return Optional.of(leftover(topic, plate, artwork, one.get(), not, finder, luck));
            }
        }
        return Optional.empty();
    }

    private Drill leftover(
            Topic topic,
            Plate plate,
            Artwork artwork,
            Leftover one,
            List<Leftover> not,
            LeftoverFinder finder,
            Random luck) {
        List<Leftover> shown = new ArrayList<>(not);
        shown.add(luck.nextInt(LEFTOVERS), one);
        List<Picture> pictures = new ArrayList<>(List.of(Outline.of(artwork.shape(), List.of())));
        List<Option> options = new ArrayList<>();
        for (Leftover l : shown) {
            pictures.add(Outline.of(l.shape(), finder.spent(l)));
            options.add(new Option(
                    l.id(),
                    l.name() + ", " + Figures.length(l.widthMm()) + " × " + Figures.length(l.heightMm()),
                    pictures.size() - 1));
        }
        Question q = Question.choice(
                "Which of these still has foil for it?",
                options,
                one.id(),
                one.name() + " has; on the others the design meets a place that is spent, or an edge");
        String size = Figures.length(plate.widthMm()) + " × " + Figures.length(plate.heightMm());
        return Drill.pictured(
                topic, plate.name() + ", " + size + ", wants foil. Dark places are spent.", List.of(), pictures, q);
    }

    /** Which way a ribbon reads once it hangs. */
    Optional<Drill> ribbon(Topic topic, Random luck) {
        List<SetUp> ribbons = new ArrayList<>(workshop.setUps().stream()
                .map(Named::setUp)
                .filter(s -> s.route() == Route.RIBBON && s.layout().laid())
                .toList());
        if (ribbons.isEmpty()) {
            return Optional.empty();
        }
        SetUp s = ribbons.get(luck.nextInt(ribbons.size()));
        HangingEnd end = luck.nextBoolean() ? HangingEnd.LEFT_END : HangingEnd.RIGHT_END;
        int turns = luck.nextBoolean() ? 0 : 2;
        Layout layout = s.layout()
                .each(p -> new Placed(p.key(), p.plate(), turns, p.across(), p.along(), p.foil()))
                .withHangs(end);
        boolean down =
                RibbonReading.of(new Arrangement(layout, workshop.artworks())).hangingDown();
        List<Option> options = Told.words(
                List.of(
                        down ? "from top to bottom" : "from bottom to top",
                        down ? "from bottom to top" : "from top to bottom"),
                luck);
        Question q = Question.choice(
                "Which way do they read as it hangs?",
                Told.shuffled(options, luck),
                options.get(0).key(),
                "Reading starts at the knot when the end of the words hangs down");
        String words = turns == 0 ? "upright" : "upside down";
        String hangs = end == HangingEnd.LEFT_END ? "left" : "right";
        return Optional.of(Drill.plain(
                topic,
                s.plate().name() + " lies along a ribbon, " + words + " as you look at it. Tied, its " + hangs
                        + " end hangs down.",
                List.of(),
                q));
    }

    /** Where something lies once the sheet is turned over. */
    Drill turned(Topic topic, Random luck) {
        FlipAxis axis = luck.nextBoolean() ? FlipAxis.SIDEWAYS : FlipAxis.ENDWAYS;
        int there = luck.nextInt(CORNERS.size());
        int right = axis == FlipAxis.SIDEWAYS ? there ^ 1 : there ^ 2;
        List<Option> options = new ArrayList<>();
        List<Picture> pictures = new ArrayList<>(List.of(Outline.corner(there % 2 == 1, there >= 2)));
        for (int i = 0; i < CORNERS.size(); i++) {
            options.add(new Option(Integer.toString(i), CORNERS.get(i), pictures.size()));
            pictures.add(Outline.corner(i % 2 == 1, i >= 2));
        }
        Question q = Question.choice(
                "What does the card look like, as it is read?",
                options,
                Integer.toString(right),
                axis == FlipAxis.SIDEWAYS
                        ? "Turned like the page of a book, left and right swap"
                        : "Turned over its upper edge, top and bottom swap");
        String how = axis == FlipAxis.SIDEWAYS ? "like the page of a book" : "over its upper edge";
        return Drill.pictured(
                topic,
                "The plate lies in the %s of the platform as you look down on it. The card is turned %s to lie on it face down."
                        .formatted(CORNERS.get(there), how),
                List.of(),
                pictures,
                q);
    }
}

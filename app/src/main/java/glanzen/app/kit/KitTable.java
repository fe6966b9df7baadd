package glanzen.app.kit;

import glanzen.app.keeping.Versioned;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** The kit as a table: what every thing has in common, and how much of it is left. */
final class KitTable {

    static final List<String> HEADER =
            List.of("Shelf", "Name", "Kind", "Width, mm", "Height, mm", "Thickness, mm", "Left", "Unit", "Put away");

    private KitTable() {}

    /** What is said of one thing: its kind, measures, and how much is left in which unit. */
    private record Said(
            String name, Object kind, Object widthMm, Object heightMm, Object thicknessMm, Object left, String unit) {}

    private static final String NONE = "";

    static Stream<List<?>> rows(KitView kit) {
        return Stream.of(
                        shelf(
                                "Presses",
                                kit.presses(),
                                p -> new Said(p.name(), p.kind().label(), p.throatMm(), NONE, NONE, NONE, NONE)),
                        shelf(
                                "Roller machines",
                                kit.rollers(),
                                r -> new Said(r.name(), r.kind().label(), r.throatMm(), NONE, NONE, NONE, NONE)),
                        shelf(
                                "Platforms",
                                kit.platforms(),
                                p -> new Said(p.name(), NONE, p.widthMm(), p.heightMm(), p.thicknessMm(), NONE, NONE)),
                        shelf(
                                "Boards",
                                kit.boards(),
                                b -> new Said(
                                        b.name(),
                                        b.kind().label(),
                                        b.widthMm(),
                                        b.heightMm(),
                                        b.thicknessMm(),
                                        Math.max(0, b.lifePasses() - b.passes()),
                                        "passes")),
                        shelf(
                                "Plates and dies",
                                kit.plates(),
                                p -> new Said(
                                        p.name(),
                                        p.kind().label(),
                                        p.widthMm(),
                                        p.heightMm(),
                                        p.thicknessMm(),
                                        NONE,
                                        NONE)),
                        shelf(
                                "Card stock",
                                kit.stocks(),
                                s -> new Said(
                                        s.name(),
                                        s.kind().label(),
                                        s.widthMm(),
                                        s.heightMm(),
                                        s.thicknessMm(),
                                        s.left(),
                                        "sheets")),
                        shelf(
                                "Foils",
                                kit.films(),
                                f -> new Said(
                                        f.name(),
                                        f.kind().label(),
                                        f.widthMm(),
                                        f.heightMm(),
                                        f.thicknessMm(),
                                        f.leftCm2(),
                                        "cm²")),
                        shelf(
                                "Leftovers",
                                kit.leftovers(),
                                l -> new Said(l.name(), NONE, l.widthMm(), l.heightMm(), NONE, NONE, NONE)),
                        shelf(
                                "Offcuts",
                                kit.offcuts(),
                                o -> new Said(o.name(), NONE, o.widthMm(), o.heightMm(), NONE, o.left(), "pieces")),
                        shelf(
                                "Foam",
                                kit.foams(),
                                f -> new Said(
                                        f.name(),
                                        NONE,
                                        f.widthMm(),
                                        f.heightMm(),
                                        f.thicknessMm(),
                                        f.left(),
                                        "sheets")),
                        shelf(
                                "Envelopes",
                                kit.envelopes(),
                                e -> new Said(e.name(), NONE, e.widthMm(), e.heightMm(), NONE, NONE, NONE)))
                .flatMap(rows -> rows);
    }

    private static <T> Stream<List<?>> shelf(String shelf, List<Versioned<T>> things, Function<T, Said> says) {
        return things.stream().map(kept -> {
            Said s = says.apply(kept.item());
            return Arrays.asList(
                    shelf,
                    s.name,
                    s.kind,
                    s.widthMm,
                    s.heightMm,
                    s.thicknessMm,
                    s.left,
                    s.unit,
                    kept.retired() ? "yes" : "");
        });
    }
}

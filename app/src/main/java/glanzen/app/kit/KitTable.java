package glanzen.app.kit;

import glanzen.app.keeping.Versioned;
import java.util.Arrays;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;

/** The kit as a table: what every thing has in common, and how much of it is left. */
final class KitTable {

    static final List<String> HEADER =
            List.of("shelf", "name", "kind", "widthMm", "heightMm", "thicknessMm", "left", "unit", "retired");

    private KitTable() {}

    /** What is said of one thing: its kind, measures, and how much is left in which unit. */
    private record Said(
            String name, Object kind, Object widthMm, Object heightMm, Object thicknessMm, Object left, String unit) {}

    private static final String NONE = "";

    static Stream<List<?>> rows(KitView kit) {
        return Stream.of(
                        shelf(
                                "presses",
                                kit.presses(),
                                p -> new Said(p.name(), p.kind(), p.throatMm(), NONE, NONE, NONE, NONE)),
                        shelf(
                                "rollers",
                                kit.rollers(),
                                r -> new Said(r.name(), r.kind(), r.throatMm(), NONE, NONE, NONE, NONE)),
                        shelf(
                                "platforms",
                                kit.platforms(),
                                p -> new Said(p.name(), NONE, p.widthMm(), p.heightMm(), p.thicknessMm(), NONE, NONE)),
                        shelf(
                                "boards",
                                kit.boards(),
                                b -> new Said(
                                        b.name(),
                                        b.kind(),
                                        b.widthMm(),
                                        b.heightMm(),
                                        b.thicknessMm(),
                                        Math.max(0, b.lifePasses() - b.passes()),
                                        "passes")),
                        shelf(
                                "plates",
                                kit.plates(),
                                p -> new Said(
                                        p.name(), p.kind(), p.widthMm(), p.heightMm(), p.thicknessMm(), NONE, NONE)),
                        shelf(
                                "stocks",
                                kit.stocks(),
                                s -> new Said(
                                        s.name(),
                                        s.kind(),
                                        s.widthMm(),
                                        s.heightMm(),
                                        s.thicknessMm(),
                                        s.left(),
                                        "sheets")),
                        shelf(
                                "films",
                                kit.films(),
                                f -> new Said(
                                        f.name(),
                                        f.kind(),
                                        f.widthMm(),
                                        f.heightMm(),
                                        f.thicknessMm(),
                                        f.leftCm2(),
                                        "cm²")),
                        shelf(
                                "leftovers",
                                kit.leftovers(),
                                l -> new Said(l.name(), NONE, l.widthMm(), l.heightMm(), NONE, NONE, NONE)),
                        shelf(
                                "offcuts",
                                kit.offcuts(),
                                o -> new Said(o.name(), NONE, o.widthMm(), o.heightMm(), NONE, o.left(), "pieces")),
                        shelf(
                                "foams",
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
                                "envelopes",
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

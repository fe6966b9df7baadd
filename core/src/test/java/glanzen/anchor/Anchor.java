package glanzen.anchor;

import glanzen.advice.FirstStack;
import glanzen.forecast.Forecast;
import glanzen.forecast.RigEnsemble;
import glanzen.kit.Board;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Machine;
import glanzen.kit.Pace;
import glanzen.kit.Plate;
import glanzen.kit.Stock;
import glanzen.layout.Fixing;
import glanzen.layout.Layout;
import glanzen.pull.Trouble;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.stack.Facing;
import glanzen.stack.Layer;
import glanzen.stack.Stack;
import glanzen.start.StartingStack;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Objects;

/**
 * What every practised hand knows to work or to fail: one row of anchors.csv. A row begins with the starting stack of a
 * route and says what is done otherwise.
 *
 * @param name the row in words
 * @param doing what is done, word by word
 * @param expected what comes of it in twenty
 */
public record Anchor(String name, List<String> doing, List<String> expected) {

    private static final double HALF = 0.5;

    /** All rows. */
    public static List<Anchor> all() {
        InputStreamReader in = new InputStreamReader(
                Objects.requireNonNull(Anchor.class.getResourceAsStream("/anchors.csv")), StandardCharsets.UTF_8);
        try (BufferedReader lines = new BufferedReader(in)) {
            return lines.lines()
                    .filter(l -> !l.isBlank() && !l.startsWith("#"))
                    .map(l -> l.split(";"))
                    .map(c -> new Anchor(c[0].strip(), words(c[1]), words(c[2])))
                    .toList();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static List<String> words(String column) {
        return List.of(column.strip().split("\\s+"));
    }

    private String said(String key, String otherwise) {
        return doing.stream()
                .filter(w -> w.startsWith(key + "="))
                .map(w -> w.substring(key.length() + 1))
                .findFirst()
                .orElse(otherwise);
    }

    /** The set-up the row describes. */
    public SetUp setUp() {
        Route route = Route.valueOf(doing.get(0));
        Plate tool = AnchorBench.TOOLS.get(doing.get(1));
        Machine machine = AnchorBench.MACHINES.get(said("on", "crank"));
        Stock stock = AnchorBench.STOCKS.get(said("stock", "smooth"));
        SetUp s = StartingStack.of(
                new StartingStack.Pick(
                        route,
                        machine,
                        route.heated() ? AnchorBench.PLATFORM : null,
                        tool,
                        route.film().map(AnchorBench::film).orElse(null),
                        stock,
                        21),
                AnchorBench.SHOP);
        s = s.withFeed(Pace.valueOf(said("pace", "SLOW")), Integer.parseInt(said("passes", "" + s.passes())));
        s = s.withTurned(doing.contains("turned"));
        if (s.heated() && s.heat() instanceof Heat.OnPlatform on) {
            s = s.withSoak(on.heating(), Double.parseDouble(said("soak", "" + on.soakSeconds())));
        }
        if (s.heat() instanceof Heat.HotRollers hot) {
            s = s.withHeat(hot.on(Double.parseDouble(said("warm", "" + ((HeatedRollers) machine).warmUpSeconds()))));
        }
        if (s.gel() != null) {
            s = s.withGel(
                    s.gel().dried(Double.parseDouble(said("dried", "" + s.gel().driedSeconds()))));
        }
        s = s.withPeel(doing.contains("warm-peel") ? Peel.WARM : s.peel());
        Layout l = s.layout();
        if (l.laid()) {
            Fixing fixing = Fixing.valueOf(said("fix", l.method().name()));
            s = s.withLayout(new Layout(l.piece(), l.bed(), fixing, l.hangs(), l.plates(), l.cuts(), l.patches()));
        }
        s = shimmed(s);
        return doing.contains("proposed")
                ? FirstStack.of(s, AnchorBench.FORECASTER, AnchorBench.SHOP, RigEnsemble.fresh())
                : s;
    }

    private SetUp shimmed(SetUp s) {
        List<Layer> layers = new ArrayList<>(s.stack().layers());
        for (String word : doing) {
            if (word.startsWith("-")) {
                int at = first(layers, word.substring(1));
                layers.remove(at);
            } else if (word.startsWith("+")) {
                Board board = board(word.substring(1));
                layers.add(s.withStack(new Stack(layers)).shimPlace(), new Layer(board, Facing.UP));
            } else if (word.equals("traced")) {
                layers.add(1, new Layer(board("traced"), Facing.UP));
            } else if (word.startsWith("sheets=")) {
                int at = new Stack(layers).indexOf(Stock.class);
                layers.addAll(at, Collections.nCopies(Integer.parseInt(word.substring(7)) - 1, layers.get(at)));
            } else if (word.startsWith("stack=")) {
                layers = bare(s, word.substring(6));
            }
        }
        return s.withStack(new Stack(layers));
    }

    /** Bottom to top by name, "tool" and "stock" for the two. */
    private static List<Layer> bare(SetUp s, String names) {
        List<Layer> layers = new ArrayList<>();
        for (String name : names.split(",")) {
            layers.add(
                    switch (name) {
                        case "tool" -> s.stack().layers().get(s.stack().indexOf(Plate.class));
                        case "stock" -> s.stack().layers().get(s.stack().indexOf(Stock.class));
                        default -> new Layer(board(name), Facing.UP);
                    });
        }
        return layers;
    }

    private static int first(List<Layer> layers, String id) {
        for (int i = 0; i < layers.size(); i++) {
            if (layers.get(i).item().id().equals(id)) {
                return i;
            }
        }
        throw new IllegalArgumentException("no " + id + " in the stack");
    }

    private static Board board(String id) {
        return AnchorBench.SHOP.boards().stream()
                .filter(b -> b.id().equals(id))
                .findFirst()
                .orElseThrow();
    }

    /** What the forecast says with nothing learned. */
    public Forecast forecast() {
        return AnchorBench.FORECASTER.forecast(setUp(), RigEnsemble.fresh());
    }

    /**
     * How far a forecast is outside what is expected, in pulls of twenty, summed over all that is said.
     *
     * @param spare how much further inside it should be
     * @return 0 if it is as expected
     */
    public double miss(Forecast f, double spare) {
        double miss = 0;
        for (String word : expected) {
            String[] parts = word.split("=|\\.\\.");
            double low = parts[1].isEmpty() ? 0 : Double.parseDouble(parts[1]);
            double high = parts.length > 2 ? Double.parseDouble(parts[2]) : 20;
            double seen = 20 * share(parts[0], f);
            double room = Math.min(spare, (high - low) / 2);
            // Half a pull more or less is how it is drawn.
            double below = low == 0 ? 0 : low - HALF + room - seen;
            double above = high == 20 ? 0 : seen - high - HALF + room;
            miss += Math.max(0, Math.max(below, above));
        }
        return miss;
    }

    private static double share(String word, Forecast f) {
        return switch (word) {
            case "good" -> f.clean();
            case "under" -> f.under();
            case "over" -> f.over();
            case "refused" -> f.refused();
            default -> f.troubles().getOrDefault(Trouble.valueOf(word.toUpperCase()), 0.0);
        };
    }

    @Override
    public String toString() {
        return name;
    }
}

package glanzen.card;

import glanzen.kit.Envelope;
import glanzen.layout.Wording;
import glanzen.layout.Wording.Holding;
import glanzen.layout.Wording.Named;
import glanzen.measure.BadInput;
import glanzen.measure.Checks;
import glanzen.measure.LengthUnit;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How the pieces of a job go together.
 *
 * @param base what everything is mounted on
 * @param envelope what it is sent in; nothing if in none
 * @param mounted what is mounted on it, in the order in which it is thought of
 */
public record CardPlan(Base base, @Nullable Envelope envelope, List<Mounted> mounted) {

    /** More is not mounted on one card. */
    public static final int MOST = 60;

    public CardPlan {
        new Checks()
                .present("card.base", base, "what everything is mounted on")
                .present("card.mounted", mounted, "what is mounted on it, perhaps nothing")
                .done();
        new Checks().figure("card.mounted", mounted.size(), 0, MOST, "pieces").done();
        mounted = List.copyOf(mounted);
        Set<String> keys = new HashSet<>(Set.of(Mounted.FRONT, Mounted.INSIDE));
        for (Mounted m : mounted) {
            if (!keys.add(m.key())) {
                throw new BadInput("card.mounted.key", "stands twice: " + m.key(), "a key of its own for each");
            }
        }
    }

    /** What is mounted, by its key. */
    public Optional<Mounted> find(String key) {
        return mounted.stream().filter(m -> m.key().equals(key)).findFirst();
    }

    /** The same without what is of none of some pieces. */
    public CardPlan of(Set<String> pieces) {
        CardPlan left = this;
        for (Mounted m : mounted) {
            left = pieces.contains(m.piece()) ? left : left.without(m.key());
        }
        return left;
    }

    private Mounted mounted(String key) {
        return find(key).orElseThrow(() -> new BadInput("key", key + " is not mounted", "a piece of the card"));
    }

    /** The same with one more piece on top, flat in the middle of what it lies on. */
    public CardPlan mounting(String piece, String on) {
        List<Mounted> more = new ArrayList<>(mounted);
        more.add(Mounted.centred(piece, on, Way.FLAT, 0).called(freeKey(piece)));
        return new CardPlan(base, envelope, more);
    }

    /** A key that nothing has yet: the name of a piece, with a number if it stands there already. */
    public String freeKey(String piece) {
        return find(piece).isEmpty()
                ? piece
                : IntStream.iterate(2, n -> n + 1)
                        .mapToObj(n -> piece + " " + n)
                        .filter(key -> find(key).isEmpty())
                        .findFirst()
                        .orElseThrow();
    }

    /** The same with one of them changed. */
    public CardPlan changing(String key, UnaryOperator<Mounted> change) {
        List<Mounted> changed = new ArrayList<>(mounted);
        changed.replaceAll(m -> m.key().equals(key) ? change.apply(m) : m);
        return new CardPlan(base, envelope, changed);
    }

    /**
     * One of them placed as words say.
     *
     * @param unit what a bare number means
     * @throws BadInput naming {@code words} if something is not understood
     */
    public CardPlan placed(String key, String words, LengthUnit unit) {
        Mounted m = mounted(key);
        Holding held = Wording.read(named(m), List.of(key), key, new Holding(m.across(), m.along()), words, unit);
        return changing(key, x -> x.held(held.across(), held.along()));
    }

    /** What holds one of them, in words, across and then along. */
    public List<String> said(Mounted m) {
        return Wording.said(named(m), new Holding(m.across(), m.along()));
    }

    /** Everything that lies on the same ground. */
    private List<Named> named(Mounted m) {
        return mounted.stream()
                .filter(o -> o.ground().equals(m.ground()))
                .map(o -> new Named(o.key(), o.piece()))
                .toList();
    }

    /**
     * One of them moved by hand: distances change, what it is held by stays.
     *
     * @param rightMm to the right, mm
     * @param upMm upwards, mm
     */
    public CardPlan moved(String key, double rightMm, double upMm) {
        return changing(key, m -> m.held(m.across().moved(rightMm), m.along().moved(upMm)));
    }

    /** The same without one of them, what lay on it lying on what it lay on. */
    public CardPlan without(String key) {
        Mounted gone = mounted(key);
        List<Mounted> left = mounted.stream()
                .filter(m -> !m.key().equals(key))
                .map(m -> m.on().equals(key) ? m.lyingOn(gone.on()) : m)
                .toList();
        return new CardPlan(base, envelope, left);
    }

    /** The same sent in something else. */
    public CardPlan sentIn(@Nullable Envelope changed) {
        return new CardPlan(base, changed, mounted);
    }

    /** The same on another base. */
    public CardPlan on(Base changed) {
        return new CardPlan(changed, envelope, mounted);
    }

    /** The first that lies on nothing which lies on the base; nothing where all do. */
    public Optional<Mounted> adrift() {
        return mounted.stream().filter(m -> !reachesBase(m)).findFirst();
    }

    private boolean reachesBase(Mounted from) {
        Mounted at = from;
        for (int i = 0; i <= mounted.size() && !at.onBase(); i++) {
            Optional<Mounted> next = find(at.on());
            if (next.isEmpty()) {
                return false;
            }
            at = next.get();
        }
        return at.onBase();
    }

    /**
     * Pieces from the bottom up: each after what it lies on, but what is behind an opening before what is over it.
     *
     * @throws BadInput if pieces lie on each other in a ring, or on one that is not there
     */
    public List<Mounted> bottomUp() {
        List<Mounted> order = new ArrayList<>();
        List<Mounted> first = mounted.stream().filter(m -> m.onBase()).toList();
        first.stream().filter(m -> m.on().equals(Mounted.INSIDE)).forEach(m -> lay(m, order));
        first.stream().filter(m -> m.on().equals(Mounted.FRONT)).forEach(m -> lay(m, order));
        for (Mounted m : mounted) {
            if (!order.contains(m)) {
                throw new BadInput(
                        "card.mounted.on",
                        find(m.on()).isPresent()
                                ? m.key() + " lies on itself by way of others"
                                : m.key() + " lies on what is not there: " + m.on(),
                        "the front, the inside, or another piece");
            }
        }
        return order;
    }

    private void lay(Mounted m, List<Mounted> order) {
        onto(m).filter(o -> o.way().below()).forEach(o -> lay(o, order));
        order.add(m);
        onto(m).filter(o -> !o.way().below()).forEach(o -> lay(o, order));
    }

    private Stream<Mounted> onto(Mounted m) {
        return mounted.stream().filter(o -> o.on().equals(m.key()));
    }
}

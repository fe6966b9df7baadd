package glanzen.evening;

import glanzen.evening.Stretches.Before;
import glanzen.evening.Stretches.Made;
import glanzen.evening.Stretches.Name;
import glanzen.evening.Stretches.Sort;
import glanzen.evening.Together.Part;
import glanzen.evening.Wanted.GelOnBench;
import glanzen.plan.JobPiece;
import glanzen.plan.Operation;
import glanzen.schedule.Task.After;
import glanzen.setup.Gel;
import glanzen.setup.SetUp;
import glanzen.steps.Hands;
import glanzen.steps.Round;
import glanzen.steps.RunSheet;
import glanzen.transfer.Drying;
import java.util.ArrayList;
import java.util.List;

/** A piece on its way through its operations, for all cards of its job. */
final class PieceInHand {

    /** Ink and paint dry by themselves, s. */
    private static final int INK_DRIES_SECONDS = 30 * 60;

    private static final double USUAL_ROOM_C = 21;

    private final Wanted wanted;
    private final JobPiece piece;
    private final int job;
    private final int number;
    private final Stretches stretches;
    private final Together together;
    private int next;
    private List<Made> before = List.of();
    private int least;
    private int most = After.ANY_TIME;
    private boolean trimmed;
    private boolean stuck;

    PieceInHand(Wanted wanted, int job, int number, Stretches stretches, Together together) {
        this.wanted = wanted;
        this.piece = wanted.job().pieces().get(number);
        this.job = job;
        this.number = number;
        this.stretches = stretches;
        this.together = together;
    }

    int job() {
        return job;
    }

    String name() {
        return piece.name();
    }

    Wanted wanted() {
        return wanted;
    }

    /** The conditions for putting its cards together: its last stretch, its last wait, and gel that lies on the bench. */
    List<Before> atItsEnd() {
        List<Before> all = new ArrayList<>();
        before.stream().filter(Made::over).forEach(m -> all.add(new Before(List.of(m), 0, 0, After.ANY_TIME)));
        Made.last(before).filter(m -> !m.over()).ifPresent(m -> all.add(new Before(List.of(m), 0, least, most)));
        return all;
    }

    /** Where it stands: which operation is next. */
    Part part() {
        return new Part(job, number, next);
    }

    Operation operation() {
        return piece.operations().get(next);
    }

    /** Whether it cannot be brought to its end: something of it has no set-up that can be pressed. */
    boolean stuck() {
        return stuck;
    }

    boolean finished() {
        return next >= piece.operations().size();
    }

    /** Up to its end, or to what it goes through with others. */
    void goOn() {
        while (!finished() && together.of(part()).isEmpty()) {
            doAlone();
        }
    }

    void doAlone() {
        Operation operation = operation();
        if (operation.kind().wantsSetUp() && wanted.setUp(operation) == null) {
            // What comes after it waits for it, whenever that is.
            stuck = true;
            next = piece.operations().size();
            return;
        }
        switch (operation.kind()) {
            case ASSEMBLE -> {}
            case DRY -> waits(INK_DRIES_SECONDS, After.ANY_TIME);
            case GEL_DRY -> waits(dries(), (int) Drying.USE_WITHIN_SECONDS);
            default -> {
                if (operation.kind() == Operation.Kind.TRIM && trimmed) {
                    trimmed = false;
                } else {
                    Sort sort = sort(operation);
                    trimmed = sort.round() != null
                            && sort.round().cycle().meanwhile().contains(Round.TRIM);
                    int count = wanted.job().cards() * piece.perCard();
                    List<Made> there = furtherOn(count);
                    List<Made> ahead = new ArrayList<>(stretches.scrap(sort));
                    ahead.addAll(stretches.foil(sort, count - there.size()));
                    List<Made> made = new ArrayList<>(there);
                    stretches
                            .of(sort, count - there.size(), List.of(before(there.size())), ahead)
                            .forEach(m -> made.add(new Made(m.task(), there.size() + m.upTo())));
                    after(made);
                }
            }
        }
        next++;
    }

    /** Pieces whose gel lies on the bench have all behind them that comes before it, and the gel itself. */
    private List<Made> furtherOn(int count) {
        boolean gel = piece.operations().subList(next, piece.operations().size()).stream()
                .anyMatch(o -> o.kind() == Operation.Kind.GEL);
        return gel ? onBench(count) : List.of();
    }

    /** Gel that is spread already: it dries meanwhile. */
    private List<Made> onBench(int count) {
        List<GelOnBench> panels = wanted.gel().stream()
                .filter(g -> g.piece() == number)
                .limit(count)
                .toList();
        List<Made> there = new ArrayList<>();
        for (GelOnBench panel : panels) {
            there.add(new Made("", there.size() + 1, panel.soundSeconds(), panel.useBySeconds()));
        }
        return there;
    }

    private void waits(int leastSeconds, int mostSeconds) {
        least = leastSeconds;
        most = mostSeconds;
    }

    /** @param done how many of it are further already */
    Before before(int done) {
        return new Before(before, done, least, most);
    }

    /** It went through with others. */
    void wentOn(List<Made> made) {
        after(new ArrayList<>(made));
        next++;
    }

    private void after(List<Made> made) {
        before = made;
        waits(0, After.ANY_TIME);
    }

    private boolean trimsNext() {
        return next + 1 < piece.operations().size()
                && piece.operations().get(next + 1).kind() == Operation.Kind.TRIM;
    }

    Sort sort(Operation operation) {
        SetUp setUp = wanted.setUp(operation);
        Name name = Name.of(operation.kind(), piece.name());
        if (setUp == null) {
            return Sort.byHand(wanted, name, setting(operation.kind()), byHand(operation.kind()));
        }
        Round round = stretches.round(setUp, trimsNext());
        return Sort.with(wanted, name, operation.setUpId(), setUp, round, RunSheet.preflight(setUp), null);
    }

    /** A stencil is sprayed so that it holds, and cleaned at once: gel that has set does not come off. */
    private static int setting(Operation.Kind kind) {
        return kind == Operation.Kind.GEL
                ? Hands.SPRAY.seconds() + Hands.TACK.seconds() + Hands.CLEAN_STENCIL.seconds()
                : 0;
    }

    /** How long gel dries until it is sound, s: as thick as the set-up that presses it says. */
    private int dries() {
        Gel gel = Gel.USUAL;
        double room = USUAL_ROOM_C;
        for (Operation o : piece.operations()) {
            SetUp s = wanted.setUp(o);
            if (s != null && s.gel() != null) {
                gel = s.gel();
                room = s.roomC();
            }
        }
        return (int) Math.ceil(gel.drying(room).secondsTo(Drying.SOUND));
    }

    private static double byHand(Operation.Kind kind) {
        return switch (kind) {
            case INK -> Hands.INK.seconds();
            case TAPE, TAPE_OFF -> Hands.TAPE.seconds();
            case FILM_OFF_FRONT, FILM_OFF_BACK -> Hands.FILM_OFF.seconds();
            case GEL -> Hands.SPREAD.seconds();
            case FOLD -> Hands.FOLD.seconds();
            case TRIM -> Hands.TRIM.seconds();
            case CUT, WINDOW, EMBOSS -> Hands.LOAD_CUT.seconds() + Hands.POKE.seconds() + Hands.TAKE_APART.seconds();
            default -> Hands.LAY.seconds() + Hands.PEEL.seconds() + Hands.LOOK.seconds();
        };
    }
}

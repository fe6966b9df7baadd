package glanzen.plan;

import glanzen.finding.Concern;
import glanzen.finding.Finding;
import glanzen.finding.Finding.Mend;
import glanzen.finding.RuleId;
import glanzen.plan.Operation.Kind;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/** Whether what is done to a piece is done in an order that works; each finding says why and offers the mended order. */
public final class OrderCheck {

    private final List<Operation> operations;
    private final List<Finding<List<Operation>>> findings = new ArrayList<>();

    private OrderCheck(List<Operation> operations) {
        this.operations = operations;
    }

    /**
     * Checks one piece.
     *
     * @param filmed whether its stock comes with a protective film
     */
    public static List<Finding<List<Operation>>> of(JobPiece piece, boolean filmed) {
        OrderCheck check = new OrderCheck(piece.operations());
        check.medium();
        check.cutting();
        check.tape();
        check.gel();
        if (filmed) {
            check.film();
        }
        check.embossed();
        check.folded();
        check.assembled();
        return check.findings;
    }

    private int first(Predicate<Kind> kind, int from) {
        for (int i = Math.max(0, from); i < operations.size(); i++) {
            if (kind.test(operations.get(i).kind())) {
                return i;
            }
        }
        return -1;
    }

    private int last(Predicate<Kind> kind) {
        for (int i = operations.size() - 1; i >= 0; i--) {
            if (kind.test(operations.get(i).kind())) {
                return i;
            }
        }
        return -1;
    }

    private void find(RuleId rule, int at, String what, String why, List<Operation> mended) {
        findings.add(new Finding<>(
                rule, Concern.operation(at), what, why, new Mend<>("Mend the order", List.copyOf(mended))));
    }

    private List<Operation> moved(int from, int to) {
        List<Operation> order = new ArrayList<>(operations);
        Operation operation = order.remove(from);
        order.add(from < to ? to - 1 : to, operation);
        return order;
    }

    private List<Operation> with(int at, Kind kind) {
        List<Operation> order = new ArrayList<>(operations);
        order.add(at, Operation.of(kind));
        return order;
    }

    private void medium() {
        int ink = first(k -> k == Kind.INK, 0);
        if (ink < 0) {
            return;
        }
        int foil = first(Kind::lays, 0);
        if (foil >= 0 && foil < ink) {
            find(
                    RuleId.MEDIUM_FIRST,
                    ink,
                    "Ink goes on after the foil: keep it beside the foil, not over it",
                    "Shading dry around it is fine; medium over foil dulls it",
                    moved(ink, foil));
            return;
        }
        int dry = first(k -> k == Kind.DRY, ink);
        if (foil > ink && (dry < 0 || dry > foil)) {
            find(
                    RuleId.MEDIUM_DRY,
                    foil,
                    "The ink is not dry before the foil",
                    "Foil goes on top of what is fully dry; heat-set it or let it dry",
                    dry > foil ? moved(dry, ink + 1) : with(ink + 1, Kind.DRY));
        }
    }

    private void cutting() {
        int cut = first(Kind::cuts, 0);
        int foil = last(k -> k == Kind.HOT_FOIL || k == Kind.TONER_FOIL || k == Kind.REACTIVE_FOIL);
        if (cut >= 0 && foil > cut) {
            boolean toner = operations.get(foil).kind() == Kind.TONER_FOIL;
            find(
                    RuleId.FOIL_THEN_CUT,
                    cut,
                    "It is cut before it is foiled",
                    toner
                            ? "Cutting first dents the toner and leaves bare patches along the edges"
                            : "Foil first on a piece that can be held and trimmed, then cut; keep tape off the foil",
                    moved(cut, foil + 1));
        }
    }

    private void tape() {
        int foil = first(Kind::lays, 0);
        int tape = first(k -> k == Kind.TAPE, foil + 1);
        if (foil >= 0 && tape > foil) {
            findings.add(new Finding<>(
                    RuleId.TAPE_ON_FOIL,
                    Concern.operation(tape),
                    "Tape goes on after the foil: keep it clear of it",
                    "Tape lifts foil; its tack is loosened on cloth first",
                    null));
        }
        int on = first(k -> k == Kind.TAPE, 0);
        int assemble = first(k -> k == Kind.ASSEMBLE, 0);
        if (on >= 0 && first(k -> k == Kind.TAPE_OFF, on) < 0 && assemble > on) {
            find(
                    RuleId.TAPE_STAYS,
                    on,
                    "The tape is never taken off",
                    "Pull it back on itself before assembling",
                    with(assemble, Kind.TAPE_OFF));
        }
    }

    private void gel() {
        int use = first(Kind::wantsGel, 0);
        if (use < 0) {
            return;
        }
        int gel = first(k -> k == Kind.GEL, 0);
        if (gel < 0 || gel > use) {
            find(
                    RuleId.GEL_MISSING,
                    use,
                    "There is no gel under it",
                    "Foil and flock hold on to gel that has dried",
                    gel > use ? moved(gel, use) : with(use, Kind.GEL));
            return;
        }
        int dry = first(k -> k == Kind.GEL_DRY, gel);
        if (dry < 0 || dry > use) {
            find(
                    RuleId.GEL_DRY,
                    use,
                    "The gel is not dry before it is pressed",
                    "Wet gel is squashed to a blob: thin coats want two hours, thick ones a day",
                    dry > use ? moved(dry, gel + 1) : with(gel + 1, Kind.GEL_DRY));
        }
    }

    private void film() {
        int foil = first(Kind::lays, 0);
        if (foil < 0) {
            return;
        }
        int front = first(k -> k == Kind.FILM_OFF_FRONT, 0);
        if (front < 0 || front > foil) {
            find(
                    RuleId.FILM_FRONT,
                    foil,
                    "The protective film is still on the foil side",
                    "Foil would stick to the film instead",
                    front > foil ? moved(front, foil) : with(foil, Kind.FILM_OFF_FRONT));
        }
        int back = first(k -> k == Kind.FILM_OFF_BACK, 0);
        int last = last(Kind::lays);
        if (back < 0 || back < last) {
            find(
                    RuleId.FILM_BACK,
                    back < 0 ? last : back,
                    back < 0 ? "The film on the back stays on" : "The film comes off the back before foiling",
                    "Off the back after foiling, so that the sheet is not scratched and does not stay cloudy",
                    back < 0 ? with(last + 1, Kind.FILM_OFF_BACK) : moved(back, last + 1));
        }
    }

    /** Neither order is right by itself: what it costs is said. */
    private void embossed() {
        int emboss = first(k -> k == Kind.EMBOSS, 0);
        int foil = first(Kind::lays, 0);
        if (emboss < 0 || foil < 0) {
            return;
        }
        boolean after = emboss > foil;
        findings.add(new Finding<>(
                after ? RuleId.FLATTENS_FOIL : RuleId.FOIL_ON_RELIEF,
                Concern.operation(emboss),
                after ? "It is embossed after the foil" : "It is embossed before the foil",
                after
                        ? "Too much pressure dulls or flattens foil: a softer folder, or foil last"
                        : "Foil meets the heights only and misses the valleys",
                new Mend<>(
                        after ? "Emboss first" : "Emboss last", moved(emboss, after ? foil : last(Kind::lays) + 1))));
    }

    private void folded() {
        int fold = first(k -> k == Kind.FOLD, 0);
        if (fold < 0) {
            return;
        }
        int flat = last(k -> k.lays() || k == Kind.EMBOSS || k.cuts());
        if (flat > fold) {
            find(
                    RuleId.FOLD_LAST,
                    fold,
                    "It is folded before it goes through the press",
                    "A folded sheet is two sheets to a press, and does not lie flat",
                    moved(fold, flat + 1));
        } else if (first(Kind::lays, 0) >= 0) {
            findings.add(new Finding<>(
                    RuleId.FOLD_ON_FOIL,
                    Concern.operation(fold),
                    "Foiled stock creases visibly where it is bent",
                    "Keep the design clear of the fold",
                    null));
        }
    }

    private void assembled() {
        int assemble = first(k -> k == Kind.ASSEMBLE, 0);
        if (assemble >= 0 && last(k -> k != Kind.ASSEMBLE) > assemble) {
            find(
                    RuleId.ASSEMBLE_LAST,
                    assemble,
                    "It is assembled before all is done",
                    "What is glued can no longer go through a press",
                    moved(assemble, operations.size()));
        }
    }
}

package glanzen.plan;

import glanzen.card.Base.Size;
import glanzen.measure.Checks;
import java.util.List;

/**
 * A component of a card.
 *
 * @param name what it is
 * @param stockId what it is cut from
 * @param perCard how many to a card
 * @param widthMm width, mm
 * @param heightMm height, mm
 * @param operations what is done to it, in order
 */
public record JobPiece(
        String name, String stockId, int perCard, double widthMm, double heightMm, List<Operation> operations) {

    private static final int MOST = 40;

    public JobPiece {
        new Checks()
                .name("piece.name", name)
                .name("piece.stockId", stockId)
                .figure("piece.perCard", perCard, 1, 100, "")
                .lengthMm("piece.widthMm", widthMm, 2, 700)
                .lengthMm("piece.heightMm", heightMm, 2, 700)
                .present("piece.operations", operations, "operations, perhaps none")
                .done();
        new Checks()
                .figure("piece.operations", operations.size(), 0, MOST, "operations")
                .done();
        operations = List.copyOf(operations);
    }

    /** Width of the sheet it is cut from, mm: what is folded lies open, twice as wide. */
    public double openWidthMm() {
        boolean folded = operations.stream().anyMatch(o -> o.kind() == Operation.Kind.FOLD);
        return folded ? 2 * widthMm : widthMm;
    }

    /** The same in another size. */
    JobPiece sized(Size size) {
        return new JobPiece(name, stockId, perCard, size.widthMm(), size.heightMm(), operations);
    }

    /** The same done in another order. */
    public JobPiece doing(List<Operation> changed) {
        return new JobPiece(name, stockId, perCard, widthMm, heightMm, changed);
    }
}

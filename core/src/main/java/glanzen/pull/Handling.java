package glanzen.pull;

import glanzen.kit.Press;
import glanzen.layout.Fixing;
import glanzen.route.Mechanism;
import glanzen.setup.SetUp;

/** What a press will not take, and what moves under it. */
public final class Handling {

    private Handling() {}

    /** How often the press stalls, or must not be forced, at a force in the nip, N. */
    static Spoiling spoiling(SetUp s, double forceN) {
        return s.machine() instanceof Press press ? Spoiling.byForce(forceN, press.maxForceN()) : Spoiling.NONE;
    }

    /**
     * How often loose plates change direction under the sheet, each time with a chance to move. What is taped or hinged
     * does not move, and where no plate lies in the stack nothing can.
     */
    public static int looseReversals(SetUp s) {
        boolean plate = s.route().toolInStack() && s.route().mechanism() == Mechanism.TRANSFER;
        boolean held = s.layout().laid()
                ? s.layout().method() != Fixing.LOOSE
                : s.route().taped();
        return plate && !held ? s.passes() - 1 : 0;
    }
}

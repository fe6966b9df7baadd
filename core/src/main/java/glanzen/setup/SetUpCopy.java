package glanzen.setup;

import glanzen.kit.Machine;
import glanzen.kit.Pace;
import glanzen.layout.Layout;
import glanzen.route.Medium;
import glanzen.route.Peel;
import glanzen.route.Route;
import glanzen.stack.Stack;
import org.jspecify.annotations.Nullable;

/** A set-up in the making: what a change of one works on. */
final class SetUpCopy {
    private final SetUp from;
    Route route;
    Machine machine;
    Heat heat;
    Stack stack;
    Pace pace;
    int passes;
    boolean turned;

    @Nullable
    Gel gel;

    Peel peel;
    Medium medium;
    boolean filmPeeled;
    Layout layout;

    SetUpCopy(SetUp s) {
        from = s;
        route = s.route();
        machine = s.machine();
        heat = s.heat();
        stack = s.stack();
        pace = s.pace();
        passes = s.passes();
        turned = s.turned();
        gel = s.gel();
        peel = s.peel();
        medium = s.medium();
        filmPeeled = s.filmPeeled();
        layout = s.layout();
    }

    SetUp done() {
        return new SetUp(
                route,
                machine,
                heat,
                from.design(),
                stack,
                pace,
                passes,
                turned,
                peel,
                medium,
                filmPeeled,
                gel,
                from.roomC(),
                layout);
    }
}

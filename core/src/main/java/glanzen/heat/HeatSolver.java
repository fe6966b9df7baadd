package glanzen.heat;

import glanzen.heat.HeatTrace.Phase;
import glanzen.kit.StackItem;
import java.util.ArrayList;
import java.util.List;
import java.util.function.DoubleSupplier;
import java.util.stream.IntStream;

/**
 * Conducts heat through a plan, phase by phase. Temperatures are carried from phase to phase; layers that join start at
 * room temperature. Contact conductances and closed forms: Carslaw and Jaeger; Incropera.
 */
public final class HeatSolver {

    private static final double TOOL_ON_PLATFORM = 500;
    private static final double SOLID_ON_PLATFORM = 250;
    private static final double SHEET_ON_TOOL = 250;
    private static final double SHEET_ON_TOOL_PRESSED = 8000;
    private static final double LAID = 300;
    private static final double PRESSED = 4000;
    private static final double TOP_LOSS = 10;
    private static final int STEPS_PER_LENGTH = 5;
    private static final int FOLLOWED_STEPS = 3;

    private final HeatPlan plan;
    private final double contactFactor;
    private final double setPointK;
    private final List<HeatTrace> traces = new ArrayList<>();
    private final List<HeatTrace> nips = new ArrayList<>();
    private final double[][] carried;
    private double platformK;
    private boolean limited;

    private HeatSolver(HeatPlan plan, double contactFactor, double setPointErrorK) {
        this.plan = plan;
        this.contactFactor = contactFactor;
        this.setPointK = plan.setPointC() + setPointErrorK - plan.roomC();
        this.platformK = setPointK - plan.behindK();
        this.carried = new double[plan.layers().size()][];
        for (int i = 0; i < carried.length; i++) {
            carried[i] = new double[Slab.of(plan.layers().get(i)).cells()];
        }
    }

    /** Solves a plan on a rig that is as its label says. */
    public static HeatRun solve(HeatPlan plan) {
        return solve(plan, 1, 0);
    }

    /**
     * Solves a plan on a rig that is off its label.
     *
     * @param contactFactor factor on every contact conductance
     * @param setPointErrorK added to the set-point, K
     */
    public static HeatRun solve(HeatPlan plan, double contactFactor, double setPointErrorK) {
        return new HeatSolver(plan, contactFactor, setPointErrorK).run();
    }

    private HeatRun run() {
        List<Integer> everything = IntStream.range(0, carried.length).boxed().toList();
        List<Integer> early = everything.stream().filter(plan.early()::get).toList();
        onPlatform(Phase.SOAK, early, true, false, plan.soakSeconds(), 0.05, 8);
        double undockedK = platformK;
        onPlatform(Phase.HOLD, everything, false, false, plan.holdSeconds(), 0.05, 2);
        for (int pass = 0; pass < plan.passes(); pass++) {
            if (pass > 0) {
                onPlatform(Phase.BETWEEN, everything, false, false, plan.betweenSeconds(), 0.05, 1);
            }
            onPlatform(Phase.NIP, everything, false, true, plan.nipSeconds(), 0.01, 0.2);
        }
        double backK = platformK;
        if (plan.cooling() == Cooling.IN_STACK) {
            onPlatform(Phase.COOL, everything, false, false, plan.coolSeconds(), 0.05, 8);
        } else {
            coolSheet();
        }
        return new HeatRun(
                List.copyOf(traces), List.copyOf(nips), limited, undockedK + plan.roomC(), backK + plan.roomC());
    }

    private void onPlatform(
            Phase phase,
            List<Integer> there,
            boolean docked,
            boolean pressed,
            double seconds,
            double first,
            double most) {
        Column column = new Column(
                there.stream().map(i -> Slab.of(plan.layers().get(i))).toList(),
                contacts(there, pressed),
                Lump.of(plan.platform(), setPointK),
                plan.toolAreaCm2() / 1e4,
                0,
                TOP_LOSS);
        column.dock(docked);
        column.lumpTemperature(platformK);
        for (int i = 0; i < there.size(); i++) {
            column.slabTemperatures(i, carried[there.get(i)]);
        }
        // The bond is where the sheet meets the tool; before the sheet is there, the tool's own face stands for it.
        int sheet = there.indexOf(plan.tool() + 1);
        int tool = there.indexOf(plan.tool());
        DoubleSupplier bond = sheet > 0
                ? () -> column.contactTemperature(sheet)
                : () -> {
                    double[] cells = column.slabTemperatures(tool);
                    return cells[cells.length - 1];
                };
        HeatTrace.Recorder recorder = march(phase, column, bond, seconds, first, most);
        platformK = column.lumpTemperature();
        limited |= column.wasLimited();
        for (int i = 0; i < there.size(); i++) {
            carried[there.get(i)] = column.slabTemperatures(i);
        }
        if (phase == Phase.NIP) {
            follow(recorder, column, bond, seconds);
        }
    }

    private double[] contacts(List<Integer> there, boolean pressed) {
        double[] contacts = new double[there.size()];
        for (int i = 0; i < contacts.length; i++) {
            boolean tool = there.get(i) == plan.tool();
            boolean sheet = there.get(i) == plan.tool() + 1 && i > 0 && there.get(i - 1) == plan.tool();
            double conductance = pressed ? PRESSED : LAID;
            if (tool && i == 0 && !pressed) {
                conductance = plan.flatTool() ? TOOL_ON_PLATFORM : SOLID_ON_PLATFORM;
            } else if (sheet) {
                conductance = pressed ? SHEET_ON_TOOL_PRESSED : SHEET_ON_TOOL;
            }
            contacts[i] = conductance * contactFactor;
        }
        return contacts;
    }

    private void coolSheet() {
        StackItem sheet = plan.layers().get(plan.tool() + 1);
        Column column = new Column(
                List.of(Slab.of(sheet)),
                new double[1],
                null,
                plan.toolAreaCm2() / 1e4,
                plan.cooling().bottomLoss(),
                plan.cooling().topLoss());
        column.slabTemperatures(0, carried[plan.tool() + 1]);
        march(Phase.COOL, column, () -> column.slabTemperatures(0)[0], plan.coolSeconds(), 0.05, 4);
    }

    /** Beyond the end of a nip, for rigs that press longer; what comes after starts from where the nip ended. */
    private void follow(HeatTrace.Recorder recorder, Column column, DoubleSupplier bond, double seconds) {
        double dt = seconds * (HeatRun.NIP_FOLLOWED - 1) / FOLLOWED_STEPS;
        for (int n = 1; n <= FOLLOWED_STEPS; n++) {
            column.step(dt);
            recorder.add(seconds + n * dt, bond.getAsDouble() + plan.roomC());
        }
        nips.add(recorder.trace());
    }

    /** Steps grow by doubling, so that a factorisation serves several of them. */
    private HeatTrace.Recorder march(
            Phase phase, Column column, DoubleSupplier bond, double seconds, double first, double most) {
        HeatTrace.Recorder recorder = new HeatTrace.Recorder(phase);
        double done = 0;
        double step = first;
        recorder.add(0, bond.getAsDouble() + plan.roomC());
        for (int n = 1; done < seconds - 1e-9; n++) {
            double dt = Math.min(step, seconds - done);
            column.step(dt);
            done += dt;
            recorder.add(done, bond.getAsDouble() + plan.roomC());
            if (n % STEPS_PER_LENGTH == 0) {
                step = Math.min(most, step * 2);
            }
        }
        traces.add(recorder.trace());
        return recorder;
    }
}

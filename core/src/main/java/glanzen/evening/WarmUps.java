package glanzen.evening;

import glanzen.heat.Lump;
import glanzen.kit.HeatedRollers;
import glanzen.kit.Platform;
import glanzen.kit.Platform.Level;
import glanzen.schedule.Heater;
import glanzen.setup.Heat;
import glanzen.setup.SetUp;
import glanzen.steps.Hands;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.IntToDoubleFunction;
import java.util.stream.IntStream;

/** How long heaters take: by their figures, or as a person has told. */
public final class WarmUps implements Heaters {

    /** Rollers that are left alone are switched off after so long, s. */
    private static final int ROLLERS_IDLE_SECONDS = 30 * 60;

    private final Function<String, OptionalDouble> told;

    /** @param told how long a heater takes from cold by its key, as was told of it in runs, s */
    public WarmUps(Function<String, OptionalDouble> told) {
        this.told = told;
    }

    @Override
    public List<Heater> of(Iterable<SetUp> setUps) {
        List<Heater> all = new ArrayList<>();
        for (SetUp s : setUps) {
            if (s.heat() instanceof Heat.OnPlatform on) {
                all.add(platform(on, s.roomC()));
            } else if (s.machine() instanceof HeatedRollers rollers) {
                all.add(rollers(s, rollers));
            }
        }
        return all;
    }

    private Heater platform(Heat.OnPlatform on, double roomC) {
        Platform platform = on.platform();
        List<Level> levels = platform.levels();
        List<Integer> warm = levels(
                levels,
                i -> told.apply(platform.id())
                        .orElse(Lump.of(platform, levels.get(i).celsius() - roomC)
                                .secondsToReady(0)));
        List<List<Integer>> change = IntStream.range(0, levels.size())
                .mapToObj(
                        from -> levels(levels, to -> changeSeconds(platform, levels.get(from), levels.get(to), roomC)))
                .toList();
        return new Heater(
                platform.id(), warm, change, Hands.SWAP_HOT.seconds(), (int) (60 * platform.offAfterMinutes()));
    }

    private static List<Integer> levels(List<Level> levels, IntToDoubleFunction seconds) {
        return IntStream.range(0, levels.size())
                .mapToObj(i -> (int) Math.ceil(Math.min(7200, seconds.applyAsDouble(i))))
                .toList();
    }

    /** Warmer at full power; cooler by itself, {@code C/UA · ln(T₀/T)}. */
    private static double changeSeconds(Platform platform, Level from, Level to, double roomC) {
        double before = from.celsius() - roomC;
        double after = to.celsius() - roomC;
        return after >= before
                ? Lump.of(platform, after).secondsToReady(before)
                : platform.heatCapacityJPerK()
                        / platform.lossWPerK()
                        * Math.log(before / (after + Lump.READY_WITHIN_K));
    }

    private Heater rollers(SetUp s, HeatedRollers rollers) {
        int warm = (int) Math.ceil(told.apply(rollers.id()).orElse(s.heat().warmUpSeconds(s.roomC())));
        List<Level> settings = rollers.settings();
        List<Integer> warmUps = settings.stream().map(l -> warm).toList();
        // Rollers say nothing of the way between two settings: half of what they take from cold is on the safe side.
        List<List<Integer>> change = IntStream.range(0, settings.size())
                .mapToObj(from -> IntStream.range(0, settings.size())
                        .mapToObj(to -> from == to ? 0 : warm / 2)
                        .toList())
                .toList();
        return new Heater(rollers.id(), warmUps, change, 0, ROLLERS_IDLE_SECONDS);
    }
}

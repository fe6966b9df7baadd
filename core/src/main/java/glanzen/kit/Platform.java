package glanzen.kit;

import glanzen.material.Material;
import glanzen.measure.Checks;
import java.util.List;

/**
 * A heated platform with its dock: a lump of metal the stack lies on.
 *
 * @param id key within the kit
 * @param name what the person calls it
 * @param thicknessMm thickness, mm
 * @param widthMm width across the feed, mm
 * @param heightMm length along the feed, mm
 * @param heatCapacityJPerK heat capacity C, J/K
 * @param lossWPerK loss to the room UA, W/K
 * @param maxPowerW heater's limit, W
 * @param levels heat levels, coolest first
 * @param offAfterMinutes switches itself off after this long, minutes
 */
public record Platform(
        String id,
        String name,
        double thicknessMm,
        double widthMm,
        double heightMm,
        double heatCapacityJPerK,
        double lossWPerK,
        double maxPowerW,
        List<Level> levels,
        double offAfterMinutes)
        implements StackItem {

    /** From here on what is hot burns the hand that touches it, °C. */
    public static final double BURNS_C = 45;

    /**
     * A setting of the dock.
     *
     * @param name what the dock calls it
     * @param celsius set-point, °C
     */
    public record Level(String name, double celsius) {
        public Level {
            new Checks()
                    .name("level", name)
                    .celsius("celsius", celsius, 40, 200)
                    .done();
        }
    }

    public Platform {
        new Checks()
                .name("name", name)
                .lengthMm("thicknessMm", thicknessMm, 1, 30)
                .lengthMm("widthMm", widthMm, 40, 600)
                .lengthMm("heightMm", heightMm, 40, 600)
                .figure("heatCapacityJPerK", heatCapacityJPerK, 50, 10_000, "J/K")
                .figure("lossWPerK", lossWPerK, 0.05, 20, "W/K")
                .figure("maxPowerW", maxPowerW, 20, 3000, "W")
                .filled("levels", levels, "at least one heat level")
                .figure("offAfterMinutes", offAfterMinutes, 1, 240, "minutes")
                .done();
        levels = List.copyOf(levels);
    }

    @Override
    public Material material() {
        return Material.ALUMINIUM;
    }
}

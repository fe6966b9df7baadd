package glanzen.simulate;

import java.util.Random;

/** Foil mirrors the lamp in some places and the dark of the room in others. */
final class CameraSheen {
    private final double[] waves = new double[12];
    private final double glare;

    CameraSheen(Random luck, double glare) {
        this.glare = glare;
        for (int i = 0; i < waves.length; i += 3) {
            double angle = luck.nextDouble() * Math.PI;
            double length = 12 + 50 * luck.nextDouble();
            waves[i] = 2 * Math.PI * Math.cos(angle) / length;
            waves[i + 1] = 2 * Math.PI * Math.sin(angle) / length;
            waves[i + 2] = luck.nextDouble() * 2 * Math.PI;
        }
    }

    double at(double xMm, double yMm) {
        double sum = 0;
        for (int i = 0; i < waves.length; i += 3) {
            sum += Math.sin(waves[i] * xMm + waves[i + 1] * yMm + waves[i + 2]);
        }
        return Math.max(0.08, 0.65 + 0.32 * glare * sum);
    }
}

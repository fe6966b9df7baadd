package glanzen.material;

import glanzen.measure.Checks;

/** How a layer gives under pressure. */
public sealed interface Stiffness {

    /**
     * Compression of a layer.
     *
     * @param thicknessMm free thickness, mm
     * @param pressureMpa pressure on it, MPa, not negative
     * @return how much thinner it gets, mm
     */
    double compressionMm(double thicknessMm, double pressureMpa);

    /** True where the layer yields visibly: card, tissue, ribbon, rubber. */
    boolean soft();

    /**
     * Linear: {@code c = t·p/E} (Hooke).
     *
     * @param modulusMpa Young's modulus, MPa
     */
    record Hard(double modulusMpa) implements Stiffness {
        public Hard {
            new Checks().figure("modulusMpa", modulusMpa, 100, 1e6, "MPa").done();
        }

        @Override
        public double compressionMm(double thicknessMm, double pressureMpa) {
            return thicknessMm * pressureMpa / modulusMpa;
        }

        @Override
        public boolean soft() {
            return false;
        }
    }

    /**
     * J-shaped, as paper compresses: {@code c = t·ln(1 + p/E₀)/k}, the inverse of {@code p = E₀(e^{kε} − 1)} of standard
     * paper-physics texts.
     *
     * @param onsetMpa E₀, MPa
     * @param hardening k, without unit
     */
    record Soft(double onsetMpa, double hardening) implements Stiffness {
        public Soft {
            new Checks()
                    .figure("onsetMpa", onsetMpa, 0.05, 100, "MPa")
                    .figure("hardening", hardening, 0.5, 50, "")
                    .done();
        }

        @Override
        public double compressionMm(double thicknessMm, double pressureMpa) {
            return thicknessMm * Math.log1p(pressureMpa / onsetMpa) / hardening;
        }

        @Override
        public boolean soft() {
            return true;
        }
    }
}

package glanzen.app.setup;

import glanzen.forecast.Forecast;

/**
 * Where a dose is drawn: logarithmic, with the clean zone from 0 to 1. Without a clean zone its place still has a width to
 * be drawn.
 */
record WindowScale(double lnLeast, double lnMost) {

    static WindowScale of(Forecast.Window w) {
        double least = Math.log(w.least());
        double most = Math.log(w.most());
        double middle = (least + most) / 2;
        return w.open() ? new WindowScale(least, most) : new WindowScale(middle - 0.2, middle + 0.2);
    }

    double position(double dose) {
        double position = (Math.log(Math.max(dose, 1e-9)) - lnLeast) / (lnMost - lnLeast);
        return Math.max(-9, Math.min(9, position));
    }

    double dose(double position) {
        return Math.exp(lnLeast + position * (lnMost - lnLeast));
    }
}

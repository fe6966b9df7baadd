package glanzen.app.setup;

import glanzen.forecast.Forecast;
import glanzen.pull.OnceARig;
import glanzen.setup.SetUp;

/**
 * A pull that is told of, before anything is learned from it.
 *
 * @param setUp what it was pulled with
 * @param model the same made ready, as it was forecast
 * @param expected what was forecast
 */
public record Told(SetUp setUp, OnceARig model, Forecast expected) {}

package glanzen.advice;

import glanzen.forecast.Forecast;
import glanzen.setup.Difference;
import glanzen.setup.SetUp;
import java.util.List;

/**
 * A set-up to try instead of the present one.
 *
 * @param setUp the proposed set-up
 * @param forecast what to expect of it
 * @param seconds time from plate on platform to peel, s
 * @param changes what it changes against the present set-up
 * @param why why that helps, from the figures
 */
public record Proposal(SetUp setUp, Forecast forecast, double seconds, List<Difference> changes, String why) {}

package glanzen.app.run;

import glanzen.setup.SetUp;

/**
 * A pull that came of a run.
 *
 * @param setUp as it was really pulled
 * @param title what was pulled
 * @param scrap whether it was tried on scrap
 */
public record Pulled(SetUp setUp, String title, boolean scrap) {}

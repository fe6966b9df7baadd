package glanzen.app.run;

import glanzen.setup.SetUp;
import glanzen.steps.Cut;
import java.util.List;

/**
 * A pull that came of a run.
 *
 * @param setUp as it was really pulled
 * @param title what was pulled
 * @param scrap whether it was tried on scrap
 * @param cut what was cut short of it
 */
public record Pulled(SetUp setUp, String title, boolean scrap, List<Cut> cut) {}

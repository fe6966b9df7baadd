package glanzen.rules;

import glanzen.finding.Finding;
import glanzen.setup.Inventory;
import glanzen.setup.SetUp;
import java.util.stream.Stream;

/** One thing a set-up must keep to. */
@FunctionalInterface
interface Rule {

    /**
     * Checks a set-up.
     *
     * @param shop what mends may draw on
     * @return what it breaks; nothing if it keeps to the rule
     */
    Stream<Finding<SetUp>> check(SetUp setUp, Inventory shop);
}

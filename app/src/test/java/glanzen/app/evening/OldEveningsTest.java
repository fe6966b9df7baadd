package glanzen.app.evening;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertNull;
import static org.junit.jupiter.api.Assertions.assertTrue;

import glanzen.app.evening.Kept.Lack;
import glanzen.app.keeping.Json;
import glanzen.measure.LengthUnit;
import glanzen.measure.Printer;
import glanzen.schedule.Task.On;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;
import tools.jackson.databind.json.JsonMapper;

/** Evenings that were written earlier are still read, and what is missing is said in the person's own units. */
class OldEveningsTest {

    private static final String TASK = """
            {"id": "%s", "job": "job", "seconds": 600, "machines":[%s], "after": [], "loud": false, "risky": false}""";

    private static String evening(String... tasks) {
        return """
                {"from": "2026-06-01T19:00:00Z",
                 "asked": {"jobIds": ["job"],
                           "hours": [{"from": "2026-06-01T19:00:00Z", "to": "2026-06-01T21:00:00Z"}],
                           "people": 1, "due": [], "quiet": []},
                 "work": {"tasks": [%s], "blocks": {}, "heaters": []},
                 "starts": {"cut": 60}, "fixed": {}, "forbidden": [], "begun": {}, "done": {},
                 "plannedFrom": 0, "endBound": 0, "proven": false, "sequence": 3}""".formatted(String.join(",", tasks));
    }

    @Test
    void machinesOfAnEarlierWritingAreKept() {
        Json json = new Json(JsonMapper.builder().build(), List.of(new OldEvenings()));
        String old = evening(TASK.formatted("cut", "\"old-iron\""), TASK.formatted("glue", ""));
        Kept kept = json.read(json.anew(old, Kept.class), Kept.class);
        assertEquals(new On("old-iron", "", 0), kept.work().tasks().get(0).on());
        assertNull(kept.work().tasks().get(1).on());
        assertEquals(
                Instant.parse("2026-06-01T19:01:00Z"), kept.at(kept.starts().get("cut")));
        assertTrue(kept.missing().isEmpty() && kept.runs().isEmpty());
        assertEquals(kept, json.read(json.write(kept), Kept.class));
    }

    private static String said(Kept.Why why, String name, double by, String unit, LengthUnit units) {
        return new Printer(units).said(new Lack(why, name, by, unit).says());
    }

    @Test
    void whatIsMissingIsSaidInOnesOwnUnits() {
        assertEquals("Gold foil is short by 64.6 cm²", said(Kept.Why.SHORT, "Gold foil", 64.6, "cm²", LengthUnit.MM));
        assertEquals("Gold foil is short by 10 sq in", said(Kept.Why.SHORT, "Gold foil", 64.6, "cm²", LengthUnit.IN));
        assertEquals(
                "White card is short by 1 sheet", said(Kept.Why.SHORT, "White card", 0.4, "sheets", LengthUnit.MM));
        assertEquals(
                "White card is short by 3 sheets", said(Kept.Why.SHORT, "White card", 2.2, "sheets", LengthUnit.MM));
        assertEquals("Old Iron is retired", said(Kept.Why.RETIRED, "Old Iron", 0, "", LengthUnit.MM));
    }
}

package glanzen.app.evening;

import glanzen.app.keeping.OldWriting;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Evenings as they were written when nothing was known of the boards in a machine. */
@Component
class OldEvenings implements OldWriting {

    private static final String MACHINES = "machines";

    @Override
    public Class<?> type() {
        return Kept.class;
    }

    @Override
    public List<Place> places() {
        return List.of(new Place("evening", "body", Kept.class));
    }

    @Override
    public void upgrade(ObjectNode kept) {
        for (JsonNode task : kept.path("work").path("tasks")) {
            if (task instanceof ObjectNode old && old.has(MACHINES)) {
                JsonNode machines = old.remove(MACHINES);
                if (!machines.isEmpty()) {
                    old.putObject("on")
                            .put("machine", machines.get(0).asString())
                            .put("boards", "")
                            .put("layingSeconds", 0);
                }
            }
        }
    }
}

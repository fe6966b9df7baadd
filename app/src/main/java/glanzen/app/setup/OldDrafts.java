package glanzen.app.setup;

import glanzen.app.keeping.OldWriting;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/**
 * Drafts as they were kept in format 1: every one had a platform's figures, and of rollers the soak was the time since they
 * were switched on.
 */
@Component
class OldDrafts implements OldWriting {

    private static final String PRESS = "pressId";
    private static final List<String> PLATFORM_MEMBERS =
            List.of("platformId", "level", "heating", "soakSeconds", "holdSeconds");

    @Override
    public Class<?> type() {
        return Draft.class;
    }

    @Override
    public List<Place> places() {
        return List.of(
                new Place("set_up", "draft", Draft.class),
                new Place("run", "snapshot", Snapshot.class),
                new Place("pull", "snapshot", Snapshot.class));
    }

    @Override
    public void upgrade(ObjectNode draft) {
        if (!draft.has(PRESS)) {
            return;
        }
        draft.set("machineId", draft.remove(PRESS));
        if (draft.hasNonNull("platformId")) {
            ObjectNode on = draft.putObject("onPlatform");
            PLATFORM_MEMBERS.forEach(member -> on.set(member, draft.get(member)));
        } else if (draft.path("soakSeconds").asDouble(0) > 0) {
            // Nothing soaks where nothing heats, so this was the warm-up of rollers.
            ObjectNode hot = draft.putObject("hotRollers");
            hot.set("setting", draft.get("level"));
            hot.set("onSeconds", draft.get("soakSeconds"));
        }
        draft.remove(PLATFORM_MEMBERS);
    }
}

package glanzen.app.rig;

import glanzen.app.keeping.OldWriting;
import glanzen.app.rig.RigService.Belief;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Beliefs as they were written when every machine was called a press. */
@Component
class OldBeliefs implements OldWriting {

    private static final String PRESS = "pressId";

    @Override
    public Class<?> type() {
        return Belief.class;
    }

    @Override
    public List<Place> places() {
        // Their tables were brought up to date long ago; files were not.
        return List.of();
    }

    @Override
    public void upgrade(ObjectNode belief) {
        if (belief.has(PRESS)) {
            belief.set("machineId", belief.remove(PRESS));
        }
    }
}

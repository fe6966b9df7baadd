package glanzen.app.rig;

import glanzen.app.keeping.OldWriting;
import glanzen.app.rig.RigService.Belief;
import org.springframework.stereotype.Component;
import tools.jackson.databind.node.ObjectNode;

/** Beliefs as they were written when every machine was called a press. */
@Component
class OldBeliefs implements OldWriting {

    @Override
    public Class<?> type() {
        return Belief.class;
    }

    @Override
    public String mark() {
        return "pressId";
    }

    @Override
    public void upgrade(ObjectNode belief) {
        if (belief.has(mark())) {
            belief.set("machineId", belief.remove(mark()));
        }
    }
}

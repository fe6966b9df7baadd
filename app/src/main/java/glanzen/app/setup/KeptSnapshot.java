package glanzen.app.setup;

import com.fasterxml.jackson.annotation.JsonCreator;
import com.fasterxml.jackson.annotation.JsonRawValue;
import com.fasterxml.jackson.annotation.JsonValue;
import glanzen.app.keeping.Json;

/** A snapshot on its way into a file or out of one. */
public sealed interface KeptSnapshot {

    /** What is in it. */
    Snapshot read(Json json);

    /**
     * On its way into a file, as it is kept: a logbook has thousands, and to read each so as to write it again takes longer than all the rest.
     *
     * @param text in the present writing
     */
    record Written(@JsonValue @JsonRawValue String text) implements KeptSnapshot {
        @Override
        public Snapshot read(Json json) {
            return json.read(text, Snapshot.class);
        }
    }

    /** As it was read out of a file. */
    record Read(@JsonValue Snapshot snapshot) implements KeptSnapshot {
        @Override
        public Snapshot read(Json json) {
            return snapshot;
        }
    }

    @JsonCreator(mode = JsonCreator.Mode.DELEGATING)
    static KeptSnapshot of(Snapshot snapshot) {
        return new Read(snapshot);
    }
}

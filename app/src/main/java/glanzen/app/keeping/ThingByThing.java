package glanzen.app.keeping;

import tools.jackson.core.JsonGenerator;
import tools.jackson.core.util.Instantiatable;
import tools.jackson.core.util.MinimalPrettyPrinter;

/** A line for each thing in a whole file: it can be gone through by eye and compared with another, and is not mostly blanks. */
final class ThingByThing extends MinimalPrettyPrinter implements Instantiatable<ThingByThing> {

    private static final long serialVersionUID = 1L;

    /** Lists this deep have their things on lines of their own: those of the file, and of the kit in it. */
    private static final int LISTS = 3;

    private static final int OBJECTS = 2;

    private int depth;

    @Override
    public ThingByThing createInstance() {
        return new ThingByThing();
    }

    @Override
    public void writeStartObject(JsonGenerator to) {
        depth++;
        super.writeStartObject(to);
    }

    @Override
    public void beforeObjectEntries(JsonGenerator to) {
        lineUpTo(OBJECTS, to);
    }

    @Override
    public void writeObjectEntrySeparator(JsonGenerator to) {
        super.writeObjectEntrySeparator(to);
        lineUpTo(OBJECTS, to);
    }

    @Override
    public void writeEndObject(JsonGenerator to, int entries) {
        lineUpTo(OBJECTS, to);
        depth--;
        super.writeEndObject(to, entries);
    }

    @Override
    public void writeStartArray(JsonGenerator to) {
        depth++;
        super.writeStartArray(to);
    }

    @Override
    public void beforeArrayValues(JsonGenerator to) {
        lineUpTo(LISTS, to);
    }

    @Override
    public void writeArrayValueSeparator(JsonGenerator to) {
        super.writeArrayValueSeparator(to);
        lineUpTo(LISTS, to);
    }

    @Override
    public void writeEndArray(JsonGenerator to, int values) {
        lineUpTo(LISTS, to);
        depth--;
        super.writeEndArray(to, values);
    }

    private void lineUpTo(int deepest, JsonGenerator to) {
        if (depth <= deepest) {
            to.writeRaw('\n');
        }
    }
}

package glanzen.app.keeping;

import com.fasterxml.jackson.annotation.Nulls;
import glanzen.measure.BadInput;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.StreamWriteFeature;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationContext;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.ValueSerializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;

/** What is kept as JSON, in a column or a file, is written and read here. Requests are read more strictly. */
@Component
public class Json {

    private static final int LONGEST_PLACE = 200;

    /** Of what was written before too. */
    private final JsonMapper mapper;

    private final JsonMapper present;

    /**
     * @param old how things were written before
     */
    public Json(JsonMapper mapper, List<OldWriting> old) {
        // What was written before a figure was known of has none: it reads as nought. What has no order is written
        // in one all the same: every start of the machine has another, and the same is to be written the same.
        JsonMapper lenient = mapper.rebuild()
                .enable(SerializationFeature.ORDER_MAP_ENTRIES_BY_KEYS)
                .addModule(new SimpleModule("in order").addSerializer(new SetInOrder()))
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.SET))
                .build();
        this.present = lenient;
        SimpleModule upgrades = new SimpleModule("old writing");
        old.forEach(writing -> add(upgrades, writing.type(), writing, lenient));
        this.mapper = lenient.rebuild().addModule(upgrades).build();
    }

    private static <T> void add(SimpleModule module, Class<T> type, OldWriting writing, JsonMapper present) {
        module.addDeserializer(type, new ValueDeserializer<T>() {
            @Override
            public T deserialize(JsonParser parser, DeserializationContext context) {
                return present.treeToValue(writing.present(context.readTree(parser)), type);
            }
        });
    }

    public String write(Object value) {
        return mapper.writeValueAsString(value);
    }

    /** Reads what was written in the present format. */
    public <T> T read(String text, Class<T> type) {
        return present.readValue(text, type);
    }

    /**
     * What was written in whichever format, written in the present one.
     *
     * @throws JacksonException if it cannot be read
     */
    public String anew(String text, Class<?> type) {
        return write(mapper.readValue(text, type));
    }

    /** For whole files, which are written to be read by people too. */
    public byte[] writeFile(Object value) {
        return mapper.writer().with(new ThingByThing()).writeValueAsBytes(value);
    }

    /** The same, bit by bit; what it is written to stays open. */
    public void writeFile(OutputStream out, Object value) {
        mapper.writer()
                .with(new ThingByThing())
                .without(StreamWriteFeature.AUTO_CLOSE_TARGET)
                .writeValue(out, value);
    }

    /**
     * A file from outside, bit by bit; what it is read from stays open. What is wrong is said by its place in the document; names of our own classes are nobody's business.
     *
     * @param name what the document is called
     * @param accepted what would have been right
     * @throws BadInput if it cannot be read
     */
    public <T> T file(String name, InputStream text, Class<T> type, String accepted) {
        return readable(
                name,
                accepted,
                () -> mapper.readerFor(type)
                        .without(StreamReadFeature.AUTO_CLOSE_SOURCE)
                        .readValue(text));
    }

    /** The same of a document that came in a request. */
    public <T> T file(String name, JsonNode document, Class<T> type, String accepted) {
        return readable(name, accepted, () -> mapper.treeToValue(document, type));
    }

    /** Sets are written in the order of what is in them. */
    private static final class SetInOrder extends ValueSerializer<Set<?>> {
        @Override
        public Class<?> handledType() {
            return Set.class;
        }

        @Override
        public void serialize(Set<?> set, JsonGenerator to, SerializationContext context) {
            context.writeValue(to, set.stream().sorted().toList());
        }
    }

    private static <T> T readable(String name, String accepted, Supplier<@Nullable T> reading) {
        try {
            T read = reading.get();
            if (read == null) {
                throw new BadInput(name, "is empty", accepted);
            }
            return read;
        } catch (JacksonException unread) {
            for (Throwable cause = unread; cause != null; cause = cause.getCause()) {
                if (cause instanceof BadInput bad) {
                    throw bad;
                }
            }
            throw new BadInput(place(name, unread), "cannot be read", accepted);
        }
    }

    private static String place(String name, JacksonException unread) {
        StringBuilder place = new StringBuilder(name);
        unread.getPath()
                .forEach(step -> place.append(
                        step.getPropertyName() != null ? "." + step.getPropertyName() : "[" + step.getIndex() + "]"));
        return place.length() > LONGEST_PLACE ? name : place.toString();
    }
}

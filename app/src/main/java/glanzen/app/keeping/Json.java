package glanzen.app.keeping;

import com.fasterxml.jackson.annotation.Nulls;
import java.util.List;
import org.springframework.stereotype.Component;
import tools.jackson.core.JsonParser;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ValueDeserializer;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.node.ObjectNode;

/** What is kept as JSON, in a column or a file, is written and read here. Requests are read more strictly. */
@Component
public class Json {

    private final JsonMapper mapper;

    /**
     * @param old how things were written before
     */
    public Json(JsonMapper mapper, List<OldWriting> old) {
        // What was written before a figure was known of has none: it reads as nought.
        JsonMapper lenient = mapper.rebuild()
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.SET))
                .build();
        SimpleModule upgrades = new SimpleModule("old writing");
        old.forEach(writing -> add(upgrades, writing.type(), writing, lenient));
        this.mapper = lenient.rebuild().addModule(upgrades).build();
    }

    private static <T> void add(SimpleModule module, Class<T> type, OldWriting writing, JsonMapper present) {
        module.addDeserializer(type, new ValueDeserializer<T>() {
            @Override
            public T deserialize(JsonParser parser, DeserializationContext context) {
                JsonNode kept = context.readTree(parser);
                if (kept instanceof ObjectNode object) {
                    writing.upgrade(object);
                }
                return present.treeToValue(kept, type);
            }
        });
    }

    public String write(Object value) {
        return mapper.writeValueAsString(value);
    }

    public <T> T read(String text, Class<T> type) {
        return mapper.readValue(text, type);
    }

    /** For whole files, which are written to be read by people too. */
    public byte[] writePretty(Object value) {
        return mapper.writerWithDefaultPrettyPrinter().writeValueAsBytes(value);
    }

    public <T> T read(byte[] text, Class<T> type) {
        return mapper.readValue(text, type);
    }
}

package glanzen.app.keeping;

import org.springframework.stereotype.Component;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** What is kept as JSON in a column is written and read here. */
@Component
public class Json {

    private final JsonMapper mapper;

    Json(JsonMapper mapper) {
        this.mapper = forOldWriting(mapper);
    }

    /** What was written before a figure was known of has none: it reads as nought. Requests are read more strictly. */
    public static JsonMapper forOldWriting(JsonMapper mapper) {
        return mapper.rebuild()
                .disable(DeserializationFeature.FAIL_ON_NULL_FOR_PRIMITIVES)
                .build();
    }

    public String write(Object value) {
        return mapper.writeValueAsString(value);
    }

    public <T> T read(String text, Class<T> type) {
        return mapper.readValue(text, type);
    }
}

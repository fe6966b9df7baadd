package glanzen.app.parcel;

import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/** Keys by which one thing names another: every field that is called id, or ends so. */
final class Named {

    private Named() {}

    private static boolean key(String field) {
        return field.equals("id") || field.endsWith("Id");
    }

    /** All that stand in a document. */
    static Set<String> in(JsonNode document) {
        Set<String> found = new TreeSet<>();
        document.properties().forEach(field -> {
            if (field.getValue().isString() && key(field.getKey())) {
                found.add(field.getValue().asString());
            }
        });
        document.forEach(part -> found.addAll(in(part)));
        return found;
    }

    /** Puts others in their place; what has no other stays. */
    static void replace(JsonNode document, Map<String, String> others) {
        if (document instanceof ObjectNode object) {
            for (String field : Set.copyOf(object.propertyNames())) {
                JsonNode value = object.get(field);
                if (value.isString() && key(field) && others.containsKey(value.asString())) {
                    object.put(field, others.get(value.asString()));
                }
            }
        }
        document.forEach(part -> replace(part, others));
    }
}

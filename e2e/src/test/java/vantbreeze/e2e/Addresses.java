package vantbreeze.e2e;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonNull;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.google.gson.JsonPrimitive;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/** Every address of the application with a body of the right form, as its own description tells (OpenAPI 3.1). */
final class Addresses {

    /**
     * @param path with the names of its variables in braces
     * @param query names of what may stand after it
     * @param body JSON of the right form; empty where none is taken
     */
    record Address(String method, String path, List<String> query, String body) {}

    private static final String REFERENCE = "#/components/schemas/";
    private static final int DEEPEST = 8;

    private final JsonObject schemas;
    private final JsonObject paths;
    private final Map<String, String> known;

    /** @param known bodies of some schemas by name, such as a brief that is legal */
    private Addresses(JsonObject description, Map<String, String> known) {
        this.schemas = description.getAsJsonObject("components").getAsJsonObject("schemas");
        this.paths = description.getAsJsonObject("paths");
        this.known = known;
    }

    /** Backups are left out: their bodies are no JSON. */
    static List<Address> of(int port, Map<String, String> known) {
        try (var in = URI.create("http://127.0.0.1:%d/api/openapi".formatted(port))
                .toURL()
                .openStream()) {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            return new Addresses(JsonParser.parseString(text).getAsJsonObject(), known).all();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private List<Address> all() {
        List<Address> all = new ArrayList<>();
        for (String path : paths.keySet()) {
            JsonObject methods = paths.getAsJsonObject(path);
            for (String method : methods.keySet()) {
                JsonObject operation = methods.getAsJsonObject(method);
                if (!path.contains("/backup/")) {
                    all.add(new Address(
                            method.toUpperCase(java.util.Locale.ROOT), path, query(operation), body(operation)));
                }
            }
        }
        return all;
    }

    private static List<String> query(JsonObject operation) {
        List<String> names = new ArrayList<>();
        if (operation.has("parameters")) {
            for (JsonElement parameter : operation.getAsJsonArray("parameters")) {
                if (parameter.getAsJsonObject().get("in").getAsString().equals("query")) {
                    names.add(parameter.getAsJsonObject().get("name").getAsString());
                }
            }
        }
        return names;
    }

    private String body(JsonObject operation) {
        if (!operation.has("requestBody")) {
            return "";
        }
        JsonObject content = operation.getAsJsonObject("requestBody").getAsJsonObject("content");
        JsonElement schema = content.entrySet()
                .iterator()
                .next()
                .getValue()
                .getAsJsonObject()
                .get("schema");
        return sample(schema, 0).toString().replace("\":", "\": ");
    }

    private JsonElement sample(JsonElement schema, int depth) {
        if (schema == null || depth > DEEPEST) {
            return JsonNull.INSTANCE;
        }
        JsonObject said = schema.getAsJsonObject();
        if (said.has("$ref")) {
            String name = said.get("$ref").getAsString().substring(REFERENCE.length());
            return known.containsKey(name)
                    ? JsonParser.parseString(known.get(name))
                    : sample(schemas.get(name), depth + 1);
        }
        if (said.has("anyOf")) {
            return sample(said.getAsJsonArray("anyOf").get(0), depth);
        }
        if (said.has("enum")) {
            return said.getAsJsonArray("enum").get(0);
        }
        return switch (type(said)) {
            case "object" -> object(said, depth);
            case "array" -> array(said, depth);
            case "integer", "number" -> new JsonPrimitive(1);
            case "boolean" -> new JsonPrimitive(true);
            default -> new JsonPrimitive("1 in");
        };
    }

    private static String type(JsonObject said) {
        JsonElement type = said.get("type");
        if (type == null) {
            return "object";
        }
        return type.isJsonArray() ? type.getAsJsonArray().get(0).getAsString() : type.getAsString();
    }

    private JsonObject object(JsonObject said, int depth) {
        JsonObject made = new JsonObject();
        if (said.has("properties")) {
            said.getAsJsonObject("properties")
                    .entrySet()
                    .forEach(property -> made.add(property.getKey(), sample(property.getValue(), depth + 1)));
        }
        return made;
    }

    private JsonArray array(JsonObject said, int depth) {
        JsonArray made = new JsonArray();
        made.add(sample(said.get("items"), depth + 1));
        return made;
    }
}

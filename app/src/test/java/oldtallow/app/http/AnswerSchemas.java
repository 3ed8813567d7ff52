package oldtallow.app.http;

import tools.jackson.databind.JsonNode;

/** What an operation of the API document answers when all went well. */
final class AnswerSchemas {

    private AnswerSchemas() {}

    /** The name of its schema, with {@code .list} for a list of them; empty where it answers nothing, or no JSON object. */
    static String of(JsonNode operation) {
        for (String code : new String[] {"200", "201"}) {
            JsonNode schema = operation.at("/responses/" + code + "/content/*~1*/schema");
            String one = name(schema);
            String listed = name(schema.path("items"));
            if (!one.isEmpty() || !listed.isEmpty()) {
                return one.isEmpty() ? listed + ".list" : one;
            }
        }
        return "";
    }

    private static String name(JsonNode schema) {
        String to = schema.path("$ref").asString("");
        return to.substring(to.lastIndexOf('/') + 1);
    }
}

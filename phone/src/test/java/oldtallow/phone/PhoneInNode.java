package oldtallow.phone;

import java.io.BufferedReader;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The script that a phone runs, in Node. */
final class PhoneInNode implements AutoCloseable {

    private static final JsonMapper JSON = new JsonMapper();

    private final Process node;
    private final BufferedWriter asks;
    private final BufferedReader answers;

    PhoneInNode() throws IOException {
        node = new ProcessBuilder("node", "src/test/node/answer.cjs")
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        asks = new BufferedWriter(new OutputStreamWriter(node.getOutputStream(), StandardCharsets.UTF_8));
        answers = new BufferedReader(new InputStreamReader(node.getInputStream(), StandardCharsets.UTF_8));
    }

    /** An answer of the phone. */
    record Answered(int status, String text) {

        JsonNode json() {
            return text.isEmpty() ? JSON.createObjectNode() : JSON.readTree(text);
        }
    }

    void open(String taken) {
        ask(JSON.createObjectNode().put("open", taken));
    }

    Answered answer(String method, String address, @Nullable String body) {
        JsonNode told = ask(JSON.createObjectNode()
                .put("method", method)
                .put("address", address)
                .put("body", body)
                .put("at", System.currentTimeMillis()));
        return new Answered(told.path("status").asInt(), told.path("text").asString());
    }

    private JsonNode ask(ObjectNode line) {
        try {
            asks.write(JSON.writeValueAsString(line));
            asks.newLine();
            asks.flush();
            String answer = answers.readLine();
            if (answer == null) {
                throw new IllegalStateException("Node ended");
            }
            return JSON.readTree(answer);
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    @Override
    public void close() {
        node.destroy();
    }
}

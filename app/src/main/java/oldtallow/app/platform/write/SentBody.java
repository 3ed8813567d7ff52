package oldtallow.app.platform.write;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.lang.reflect.Type;
import java.nio.charset.StandardCharsets;
import java.util.Objects;
import java.util.TreeMap;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpInputMessage;
import org.springframework.http.converter.HttpMessageConverter;
import org.springframework.http.converter.json.JacksonJsonHttpMessageConverter;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.servlet.mvc.method.annotation.RequestBodyAdviceAdapter;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Keeps what a request sent as it was sent: its form is another in each version of the application. */
@ControllerAdvice
class SentBody extends RequestBodyAdviceAdapter {

    private static final String SENT = SentBody.class.getName();
    private static final JsonMapper JSON = new JsonMapper();

    @Override
    public boolean supports(MethodParameter parameter, Type type, Class<? extends HttpMessageConverter<?>> converter) {
        return JacksonJsonHttpMessageConverter.class.isAssignableFrom(converter);
    }

    @Override
    public HttpInputMessage beforeBodyRead(
            HttpInputMessage message,
            MethodParameter parameter,
            Type type,
            Class<? extends HttpMessageConverter<?>> converter)
            throws IOException {
        byte[] sent = message.getBody().readAllBytes();
        RequestContextHolder.currentRequestAttributes().setAttribute(SENT, sent, RequestAttributes.SCOPE_REQUEST);
        return new Read(message.getHeaders(), new ByteArrayInputStream(sent));
    }

    /**
     * Digest of what this request sent and where to: the same for whoever sends it again, in whatever order its fields are, and
     * whether empty ones are sent or left out.
     */
    static byte[] digest() {
        var request = (ServletRequestAttributes) RequestContextHolder.currentRequestAttributes();
        var sent = (byte[]) Objects.requireNonNull(request.getAttribute(SENT, RequestAttributes.SCOPE_REQUEST));
        return digest(request.getRequest().getRequestURI(), sent);
    }

    /** @param address with or without the version of the API: what was first sent to the one may be sent again to the other */
    static byte[] digest(String address, byte[] sent) {
        return Digest.of(
                address.replaceFirst("^/api/v1/", "/api/"),
                canonical(JSON.readTree(sent)).toString().getBytes(StandardCharsets.UTF_8));
    }

    private static JsonNode canonical(JsonNode node) {
        JsonNodeFactory make = JsonNodeFactory.instance;
        return switch (node) {
            case ObjectNode object -> {
                var fields = new TreeMap<String, JsonNode>();
                object.properties().stream()
                        .filter(field -> !field.getValue().isNull())
                        .forEach(field -> fields.put(field.getKey(), canonical(field.getValue())));
                yield make.objectNode().setAll(fields);
            }
            case ArrayNode array ->
                make.arrayNode()
                        .addAll(array.valueStream().map(SentBody::canonical).toList());
            default -> node;
        };
    }

    private record Read(HttpHeaders headers, InputStream body) implements HttpInputMessage {

        @Override
        public InputStream getBody() {
            return body;
        }

        @Override
        public HttpHeaders getHeaders() {
            return headers;
        }
    }
}

package oldtallow.app.identity.api;

import java.io.IOException;
import java.io.InputStream;
import java.time.Instant;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.stream.Stream;
import org.springframework.boot.info.BuildProperties;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** Which build this is, and the parts of others it runs on, as the build wrote them down. */
@Component
public class About {

    private static final String PARTS = "META-INF/sbom/application.cdx.json";

    private final BuildProperties build;
    private final List<Part> parts;

    About(BuildProperties build, JsonMapper json) throws IOException {
        this.build = build;
        try (InputStream written = new ClassPathResource(PARTS).getInputStream()) {
            parts = json.readTree(written)
                    .path("components")
                    .valueStream()
                    .map(About::part)
                    .filter(part -> !part.name().startsWith(build.getGroup() + ":"))
                    .sorted(Comparator.comparing(Part::name))
                    .toList();
        }
    }

    /** One part of others. {@code licences}: SPDX names where there are such; where there are several, one may choose. */
    public record Part(String name, String version, List<String> licences) {

        public Part {
            licences = List.copyOf(licences);
        }
    }

    /** Counted up with every commit. */
    public String version() {
        return Objects.requireNonNull(build.get("given"));
    }

    public Instant builtAt() {
        return Objects.requireNonNull(build.getTime());
    }

    /** What runs in the server. */
    public List<Part> parts() {
        return parts;
    }

    // CycloneDX 1.6: "licenses" is a list of licences, each by id or by name, or one expression
    private static Part part(JsonNode component) {
        return new Part(
                component.path("group").asString() + ":"
                        + component.path("name").asString(),
                component.path("version").asString(),
                component
                        .path("licenses")
                        .valueStream()
                        .flatMap(licence -> Stream.of(
                                licence.at("/license/id"), licence.at("/license/name"), licence.path("expression")))
                        .filter(JsonNode::isString)
                        .map(JsonNode::asString)
                        .toList());
    }
}

package oldtallow.app.identity.web;

import java.time.Instant;
import java.util.List;
import oldtallow.app.identity.api.About;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
class AboutController {

    private final About about;

    AboutController(About about) {
        this.about = about;
    }

    /** Which version this is, and what others wrote of it. */
    @GetMapping("/api/v1/about")
    AboutView about() {
        return new AboutView(
                about.version(),
                about.builtAt(),
                about.parts().stream()
                        .map(part -> new LibraryView(part.name(), part.version(), String.join(" or ", part.licences())))
                        .toList());
    }

    /** {@code parts}: those that run in the server. */
    record AboutView(String version, Instant builtAt, List<LibraryView> parts) {}

    record LibraryView(String name, String version, String licence) {}
}

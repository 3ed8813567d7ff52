package oldtallow.app.platform.security;

import java.net.URI;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.web.server.context.WebServerInitializedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * Where others find this application: as configured, never as a request claims. Labels, sheets, feeds and mails go out of the
 * house with it.
 */
@Component
public class OwnAddress {

    private volatile String base;

    private final String usual;

    @Autowired
    OwnAddress(
            @Value("${oldtallow.address}") String configured,
            @Value("${server.address}") String address,
            @Value("${server.ssl.bundle:}") String certificate) {
        this.base = configured.replaceFirst("/+$", "");
        this.usual = (certificate.isBlank() ? "http://" : "https://") + address + ":";
    }

    /** One that is known, such as https://shop.example.org. */
    public static OwnAddress at(String base) {
        return new OwnAddress(base, "", "");
    }

    /** Not configured, it is found where it answers: on this machine alone, or at its address in the network. */
    @EventListener
    void serves(WebServerInitializedEvent started) {
        if (base.isEmpty() && started.getApplicationContext().getServerNamespace() == null) {
            base = usual + started.getWebServer().getPort();
        }
    }

    /** Without a slash at its end. */
    public String base() {
        return base;
    }

    /** Whether it is called so; {@code host} without a port. */
    public boolean isHost(String host) {
        return !base.isEmpty() && host.equalsIgnoreCase(URI.create(base).getHost());
    }

    /** The address of one of its pages; {@code path} begins with a slash. */
    public String of(String path) {
        return base + path;
    }

    /** The same with something to look for there, written as addresses have it. */
    public String of(String path, String parameter, String value) {
        return UriComponentsBuilder.fromUriString(of(path))
                .queryParam(parameter, "{value}")
                .build(value)
                .toString();
    }
}

package oldtallow.app.platform.http;

import java.io.IOException;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.EncodedResourceResolver;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** Serves the interface: hashed files for ever, the start page afresh, and the start page for every room's address. */
@Configuration(proxyBeanMethods = false)
class ServedFiles implements WebMvcConfigurer {

    private static final String FILES = "classpath:/static/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/_app/immutable/**")
                .addResourceLocations(FILES + "_app/immutable/")
                .setCacheControl(
                        CacheControl.maxAge(Duration.ofDays(365)).cachePublic().immutable())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver())
                .addResolver(new PathResourceResolver());
        registry.addResourceHandler("/**")
                .addResourceLocations(FILES)
                .setCacheControl(CacheControl.noCache())
                .resourceChain(true)
                .addResolver(new EncodedResourceResolver())
                .addResolver(new RoomsFallBackToTheStartPage());
    }

    private static final class RoomsFallBackToTheStartPage extends PathResourceResolver {

        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            @Nullable Resource file = super.getResource(path, location);
            if (file != null || path.startsWith("api/") || path.contains(".")) {
                return file;
            }
            return super.getResource("index.html", location);
        }
    }
}

package lowfield.server.platform;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.util.DigestUtils;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;

/** The desk's files: hashed ones for ever, and the one page for every address that is not a file. */
@Configuration
class DeskFiles implements WebMvcConfigurer {
    private static final String PLACE = "classpath:/META-INF/resources/";

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**", "/fonts/**")
                .addResourceLocations(PLACE + "assets/", PLACE + "fonts/")
                .setCacheControl(
                        CacheControl.maxAge(java.time.Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**")
                .addResourceLocations(PLACE, "classpath:/static/")
                .setCacheControl(CacheControl.noCache())
                .setUseLastModified(false)
                .setEtagGenerator(DeskFiles::tag)
                .resourceChain(true)
                .addResolver(new OnePage());
    }

    /**
     * By what is in the file: the time of a file in an archive is that of some build or other, and a browser that held on to
     * an older page for it would ask for scripts that are gone.
     */
    private static String tag(Resource file) {
        try {
            return '"' + DigestUtils.md5DigestAsHex(file.getContentAsByteArray()) + '"';
        } catch (IOException gone) {
            throw new UncheckedIOException(gone);
        }
    }

    /** Unknown addresses get the desk's page, which knows its own routes. */
    private static final class OnePage extends PathResourceResolver {
        @Override
        protected @Nullable Resource getResource(String path, Resource location) throws IOException {
            var file = super.getResource(path, location);
            if (file != null) {
                return file;
            }
            var isRoute = !path.startsWith("api/") && !path.startsWith("actuator/") && !path.contains(".");
            return isRoute ? super.getResource("index.html", location) : null;
        }
    }
}

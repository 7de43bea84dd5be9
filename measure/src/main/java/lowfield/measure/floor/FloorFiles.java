package lowfield.measure.floor;

import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.config.annotation.web.configuration.WebSecurityCustomizer;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** The framework's own file handler over a folder, without security in its way. */
@Configuration
class FloorFiles implements WebMvcConfigurer {
    private final String folder;

    FloorFiles(@Value("${lowfield.files}") String folder) {
        this.folder = folder;
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/files/**").addResourceLocations("file:" + folder + "/");
    }

    @Bean
    WebSecurityCustomizer unguardedFiles() {
        return web -> web.ignoring().requestMatchers("/files/**");
    }
}

package lowfield.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;
import org.springframework.scheduling.annotation.EnableScheduling;

/** Lowfield's server: the desk on one port, the readers' site on another. */
@SpringBootApplication
@ConfigurationPropertiesScan
@EnableScheduling
public class LowfieldApplication {
    public static void main(String[] arguments) {
        SpringApplication.run(LowfieldApplication.class, arguments);
    }
}

package lowfield.measure.floor;

import lowfield.server.LowfieldApplication;
import org.springframework.boot.SpringApplication;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Import;

/**
 * The floor of measurements: the product's own server with its sessions, security and pool, and beside its doors the least
 * that an authenticated read and write can cost. It is no part of what is shipped.
 */
@Configuration(proxyBeanMethods = false)
@Import({FloorController.class, FloorFiles.class, IngestFloor.class})
public class FloorApplication {
    public static void main(String[] arguments) {
        SpringApplication.run(new Class<?>[] {LowfieldApplication.class, FloorApplication.class}, arguments);
    }
}

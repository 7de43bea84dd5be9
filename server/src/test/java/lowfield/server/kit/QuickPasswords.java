package lowfield.server.kit;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.context.annotation.Primary;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/** The product's way of keeping passwords at its least cost: a world makes two accounts, and there are hundreds of worlds. */
@Configuration(proxyBeanMethods = false)
class QuickPasswords {
    private static final int LEAST_COST = 4;

    @Bean
    @Primary
    PasswordEncoder quick() {
        return new BCryptPasswordEncoder(LEAST_COST);
    }
}

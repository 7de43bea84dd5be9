package lowfield.server.accounts.web;

import org.springframework.context.annotation.Configuration;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Asks for the password again where an operation is marked so. */
@Configuration
class AccountPages implements WebMvcConfigurer {
    private final PasswordAgain.Guard guard;

    AccountPages(PasswordAgain.Guard guard) {
        this.guard = guard;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(guard);
    }
}

package lowfield.server.platform;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** What the desk's port lets through: everything under /api needs a session, every change a CSRF token. */
@Configuration
@EnableMethodSecurity
public class Security {
    /** Everything from the own origin, nothing inline; styles set by script through the CSSOM are allowed by this. */
    static final String DESK_POLICY =
            "default-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    SecurityFilterChain desk(HttpSecurity http, SecurityContextRepository contexts) throws Exception {
        return http.authorizeHttpRequests(requests -> requests.dispatcherTypeMatchers(DispatcherType.ASYNC)
                        .permitAll()
                        .requestMatchers("/api/session", "/api/accounts/first", "/api/openapi")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/actuator/health", "/actuator/health/readiness")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .requestMatchers("/actuator/**")
                        .denyAll()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.HEAD, "/**")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .csrf(csrf -> csrf.spa())
                .securityContext(context -> context.securityContextRepository(contexts))
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(DESK_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                        .frameOptions(frame -> frame.deny())
                        .permissionsPolicyHeader(p -> p.policy("camera=(), microphone=(), geolocation=()"))
                        .contentTypeOptions(Customizer.withDefaults()))
                .exceptionHandling(errors -> errors.authenticationEntryPoint((request, response, failure) -> refuse(
                                response, 401, "signed-out", "Sign in first; what you typed is kept in this window."))
                        .accessDeniedHandler((request, response, failure) -> refuse(
                                response,
                                403,
                                "forbidden",
                                "This is not allowed, or the page is too old; reload it and try again.")))
                .build();
    }

    private static void refuse(HttpServletResponse response, int status, String type, String sentence)
            throws java.io.IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.getWriter()
                .write("{\"type\":\"/problems/%s\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}"
                        .formatted(type, status == 401 ? "Signed out" : "Not allowed", status, sentence));
    }

    @Bean
    SecurityContextRepository contexts() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    PasswordEncoder passwords() {
        return new BCryptPasswordEncoder();
    }

    /** There is no other way in than the accounts' own; this keeps the framework from making a user of its own. */
    @Bean
    UserDetailsService nobody() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }
}

package lowfield.server.platform.security;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import lowfield.server.platform.Settings;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.authorization.AuthorizationEventPublisher;
import org.springframework.security.authorization.SpringAuthorizationEventPublisher;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** What the desk's port lets through: everything under /api needs a session, every change a CSRF token. */
@Configuration
@EnableMethodSecurity
public class Security {
    /** Everything from the own origin, nothing inline; styles set by script through the CSSOM are allowed by this. */
    static final String DESK_POLICY =
            "default-src 'self'; object-src 'none'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /** What somebody has who must set up a second factor first: their own account, and nothing of the desk. */
    public static final String WITHOUT_FACTOR = "ROLE_WITHOUT_FACTOR";

    @Bean
    SecurityFilterChain desk(
            HttpSecurity http, SecurityContextRepository contexts, CsrfTokenRepository csrfTokens, Settings settings)
            throws Exception {
        return http.authorizeHttpRequests(requests -> requests.dispatcherTypeMatchers(DispatcherType.ASYNC)
                        .permitAll()
                        .requestMatchers("/api/session", "/api/accounts/first", "/api/links/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/actuator/health", "/actuator/health/readiness")
                        .permitAll()
                        .requestMatchers("/api/session/password", "/api/account/**")
                        .authenticated()
                        .requestMatchers("/api/**", "/pictures/**")
                        .hasAnyRole("OWNER", "EDITOR")
                        .requestMatchers("/actuator/**")
                        .denyAll()
                        .requestMatchers(HttpMethod.GET, "/**")
                        .permitAll()
                        .requestMatchers(HttpMethod.HEAD, "/**")
                        .permitAll()
                        .anyRequest()
                        .denyAll())
                .csrf(csrf -> csrf.spa().csrfTokenRepository(csrfTokens))
                .securityContext(context -> context.securityContextRepository(contexts))
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(DESK_POLICY))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                        .frameOptions(frame -> frame.deny())
                        .httpStrictTransportSecurity(
                                hsts -> hsts.requestMatcher(request -> settings.secureCookies() || request.isSecure()))
                        .permissionsPolicyHeader(p -> p.policy("camera=(), microphone=(), geolocation=()"))
                        .contentTypeOptions(Customizer.withDefaults()))
                .exceptionHandling(errors -> errors.authenticationEntryPoint((request, response, failure) -> refuse(
                                response, 401, "signed-out", "Sign in first; what you typed is kept in this window."))
                        .accessDeniedHandler((request, response, failure) -> deny(request, response)))
                .build();
    }

    private static void deny(HttpServletRequest request, HttpServletResponse response) throws java.io.IOException {
        if (request.isUserInRole(WITHOUT_FACTOR)) {
            refuse(response, 403, "factor-needed", "Set up your second factor first, under your name.");
        } else {
            refuse(response, 403, "forbidden", "This is not allowed, or the page is too old; reload it and try again.");
        }
    }

    private static void refuse(HttpServletResponse response, int status, String type, String sentence)
            throws java.io.IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.getWriter()
                .write("{\"type\":\"/problems/%s\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}"
                        .formatted(type, status == 401 ? "Signed out" : "Not allowed", status, sentence));
    }

    /** The token stands in a cookie that the desk's own scripts can read, and no other site's. */
    @Bean
    CsrfTokenRepository csrfTokens(SiteCookies cookies) {
        var tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieName(cookies.name("XSRF-TOKEN"));
        tokens.setCookiePath("/");
        tokens.setCookieCustomizer(c -> c.secure(cookies.areSecure()).sameSite("Strict"));
        return new SessionTokens(tokens);
    }

    /** Refusals are told to whoever keeps the log. */
    @Bean
    AuthorizationEventPublisher refusalEvents(ApplicationEventPublisher events) {
        return new SpringAuthorizationEventPublisher(events);
    }

    @Bean
    PasswordEncoder encoder() {
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

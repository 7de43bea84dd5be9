package lowfield.server.platform.security;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.session.web.http.CookieSerializer;
import org.springframework.session.web.http.DefaultCookieSerializer;

/**
 * Sessions in the database, so that every instance knows them. When a session was last used is noted once a minute, not with
 * every request: reading a page writes nothing.
 */
@Configuration(proxyBeanMethods = false)
class Sessions {
    /** The framework's own statement and its six values in their order; nothing is written where nothing else changed. */
    private static final String USED = """
            update spring_session s set session_id = n.session_id, last_access_time = n.used,
                max_inactive_interval = n.stays, expiry_time = n.expires, principal_name = n.who
            from (values (cast(? as char(36)), cast(? as bigint), cast(? as int), cast(? as bigint),
                cast(? as varchar(100)), cast(? as char(36)))) n (session_id, used, stays, expires, who, id)
            where s.primary_id = n.id
              and (n.used - s.last_access_time >= 60000 or s.session_id <> n.session_id
                or s.max_inactive_interval <> n.stays or s.principal_name is distinct from n.who)
            """;

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> notedOnceAMinute() {
        return sessions -> sessions.setUpdateSessionQuery(USED);
    }

    @Bean
    CookieSerializer sessionCookie(SiteCookies cookies) {
        var cookie = new DefaultCookieSerializer();
        cookie.setCookieName(cookies.name("LOWFIELD_SESSION"));
        cookie.setCookiePath("/");
        cookie.setUseHttpOnlyCookie(true);
        cookie.setSameSite("Strict");
        cookie.setUseSecureCookie(cookies.areSecure());
        return cookie;
    }
}

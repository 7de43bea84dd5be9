package lowfield.server.platform.security;

import static lowfield.db.Tables.COMMAND;
import static lowfield.db.Tables.EDITION;
import static lowfield.db.Tables.EDITION_BUILD;
import static lowfield.db.Tables.EDITION_TIER;
import static lowfield.db.Tables.GUIDE;
import static lowfield.db.Tables.LINE;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import lowfield.server.platform.NotFound;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Table;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * The one place where every id in an address is checked against the one before it: an edition against its guide; a build,
 * tier, line or step of history against its edition. What does not belong there does not exist there (404), whatever is asked.
 */
@Component
class NestedIds implements HandlerInterceptor, WebMvcConfigurer {
    /** One id that belongs under another; {@code belongs} asks whether these two do. */
    private record Pair(String outer, String inner, Table<?> within, Belongs belongs) {}

    private interface Belongs {
        Condition of(String outer, String inner);
    }

    private static final List<Pair> PAIRS = List.of(
            new Pair(
                    "slug",
                    "edition",
                    EDITION,
                    (slug, edition) -> EDITION.ID
                            .eq(id(edition))
                            .and(EDITION.GUIDE_ID.eq(
                                    DSL.select(GUIDE.ID).from(GUIDE).where(GUIDE.SLUG.eq(slug))))),
            new Pair(
                    "edition",
                    "tier",
                    EDITION_TIER,
                    (edition, tier) -> EDITION_TIER.EDITION_ID.eq(id(edition)).and(EDITION_TIER.TIER_ID.eq(id(tier)))),
            new Pair(
                    "edition",
                    "build",
                    EDITION_BUILD,
                    (edition, build) ->
                            EDITION_BUILD.EDITION_ID.eq(id(edition)).and(EDITION_BUILD.BUILD_ID.eq(id(build)))),
            new Pair(
                    "edition",
                    "line",
                    LINE,
                    (edition, line) -> LINE.EDITION_ID.eq(id(edition)).and(LINE.ID.eq(id(line)))),
            new Pair(
                    "edition",
                    "step",
                    COMMAND,
                    (edition, step) -> COMMAND.EDITION_ID.eq(id(edition)).and(COMMAND.ID.eq(Long.valueOf(step)))));

    private final DSLContext db;

    NestedIds(DSLContext db) {
        this.db = db;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(this).addPathPatterns("/api/**");
    }

    @Override
    @SuppressWarnings("unchecked")
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
        var ids = (Map<String, String>)
                Optional.ofNullable(request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE))
                        .orElse(Map.of());
        if (ids.size() > 1) {
            PAIRS.stream()
                    .filter(p -> ids.containsKey(p.outer()) && ids.containsKey(p.inner()))
                    .forEach(p -> check(p, ids.get(p.outer()), ids.get(p.inner())));
        }
        return true;
    }

    private void check(Pair pair, String outer, String inner) {
        try {
            if (!db.fetchExists(pair.within(), pair.belongs().of(outer, inner))) {
                throw new NotFound(
                        "There is no such %s here; it may be gone, or the address is wrong.".formatted(pair.inner()));
            }
        } catch (IllegalArgumentException malformed) {
            throw new NotFound("\"%s\" in the address is not one that exists.".formatted(pair.inner()));
        }
    }

    private static UUID id(String text) {
        return UUID.fromString(text);
    }
}

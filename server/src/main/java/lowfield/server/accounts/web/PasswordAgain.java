package lowfield.server.accounts.web;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.time.Duration;
import lowfield.server.platform.PasswordNeeded;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;

/** Marks what is done only by somebody who has entered their password within the last minutes: a desk left open is not enough. */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
@interface PasswordAgain {
    /** Lets it pass for as long as a password that was entered counts; signing in is entering it. */
    @Component
    final class Guard implements HandlerInterceptor {
        private static final Duration COUNTS = Duration.ofMinutes(10);
        private static final String AT = "password-entered-at";

        static void entered(HttpSession session) {
            session.setAttribute(AT, System.currentTimeMillis());
        }

        @Override
        public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
            if (handler instanceof HandlerMethod method
                    && method.hasMethodAnnotation(PasswordAgain.class)
                    && !isFresh(request.getSession(false))) {
                throw new PasswordNeeded("Enter your password again to do this.");
            }
            return true;
        }

        private static boolean isFresh(@org.jspecify.annotations.Nullable HttpSession session) {
            var at = session == null ? null : (Long) session.getAttribute(AT);
            var age = at == null ? -1 : System.currentTimeMillis() - at;
            // A clock that was put back makes it older, not younger.
            return age >= 0 && age <= COUNTS.toMillis();
        }
    }
}

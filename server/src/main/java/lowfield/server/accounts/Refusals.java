package lowfield.server.accounts;

import org.springframework.context.event.EventListener;
import org.springframework.security.authorization.event.AuthorizationDeniedEvent;
import org.springframework.stereotype.Component;

/** Notes who asked for what they may not do. */
@Component
class Refusals {
    private final PeopleLog log;

    Refusals(PeopleLog log) {
        this.log = log;
    }

    @EventListener
    void denied(AuthorizationDeniedEvent<?> event) {
        if (event.getAuthentication().get().getPrincipal() instanceof Person person) {
            log.refused(person.id());
        }
    }
}

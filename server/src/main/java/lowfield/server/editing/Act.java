package lowfield.server.editing;

import java.util.UUID;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** What a person did in one go: every edit of one transaction belongs to the same act. */
final class Act {
    private Act() {}

    static UUID current() {
        if (!TransactionSynchronizationManager.isSynchronizationActive()) {
            return UUID.randomUUID();
        }
        if (TransactionSynchronizationManager.getResource(Act.class) instanceof UUID act) {
            return act;
        }
        var act = UUID.randomUUID();
        TransactionSynchronizationManager.bindResource(Act.class, act);
        TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
            @Override
            public void afterCompletion(int status) {
                TransactionSynchronizationManager.unbindResource(Act.class);
            }
        });
        return act;
    }
}

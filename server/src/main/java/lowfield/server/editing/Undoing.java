package lowfield.server.editing;

import java.util.List;
import java.util.UUID;
import lowfield.server.accounts.Person;
import lowfield.server.guide.Editions;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Undo, redo, and the history of a build from which an older state comes back. */
@Service
public class Undoing {
    private final Journal journal;
    private final BuildHistory history;
    private final Targets targets;
    private final Editions editions;

    Undoing(Journal journal, BuildHistory history, Targets targets, Editions editions) {
        this.journal = journal;
        this.history = history;
        this.targets = targets;
        this.editions = editions;
    }

    /** Undoes the person's latest edit of the edition; the label of what was undone. */
    @Transactional
    public String undo(UUID edition, Person by) {
        editions.forReshaping(edition);
        return journal.undo(edition, by, targets);
    }

    /** Takes the person's latest undo back; the label of what stands again. */
    @Transactional
    public String redo(UUID edition, Person by) {
        editions.forReshaping(edition);
        return journal.redo(edition, by, targets);
    }

    /** Who did what to a build, newest first. */
    @Transactional(readOnly = true)
    public List<BuildHistory.Step> history(UUID edition, UUID build) {
        return history.of(edition, build);
    }

    /** Brings back what stood before a step of the history, as it was read up to its newest step. */
    @Transactional
    public String bringBack(UUID edition, long step, int newest, Person by) {
        editions.forReshaping(edition);
        return journal.bringBack(edition, step, newest, by, targets);
    }
}

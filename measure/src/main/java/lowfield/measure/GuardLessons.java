package lowfield.measure;

import java.util.ArrayList;
import java.util.List;
import lowfield.core.proofreading.guard.FigureGuard;
import lowfield.core.proofreading.guard.Lesson;

/** The figures of reasons in their right words, each with what it may mean and whether it is of the data. */
final class GuardLessons {
    /** @param isData whether it is of the data, or about something else */
    record Known(Lesson lesson, boolean isData) {}

    private final List<Known> all = new ArrayList<>();

    GuardLessons add(GuardScenes scenes, String file) {
        for (var sample : GuardTexts.of(file, true)) {
            var lessons = new FigureGuard(scenes.context(sample.scene(), sample.text())).lessons(sample.text());
            sample.planted().forEach(planted -> add(lessons, planted));
        }
        return this;
    }

    private void add(List<Lesson> lessons, GuardTexts.Planted planted) {
        if (planted.isFigure()) {
            lessons.stream()
                    .filter(l -> l.start() < planted.end() && planted.start() < l.end())
                    .findFirst()
                    .ifPresent(l -> all.add(new Known(l, planted.isData())));
        }
    }

    List<Known> all() {
        return List.copyOf(all);
    }
}

package lowfield.core.proofreading.guard;

import static lowfield.core.proofreading.KnownFigure.Use.BEFORE;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.ObjDoubleConsumer;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import lowfield.core.proofreading.clues.Candidate;
import lowfield.core.proofreading.clues.SeenFigure;
import lowfield.core.proofreading.figures.WrittenFigure;

/**
 * How probable it is what a figure means: each thing in the data by its clues and by how likely it would be written so, and,
 * beside them all, something that we hold no data of. A log-linear model (a conditional one, as Berger, Della Pietra and Della
 * Pietra describe in "A Maximum Entropy Approach to Natural Language Processing", 1996), with a slip of the pen as its noise.
 */
final class Meanings {
    private final SeenFigure seen;
    /** As logarithms; the last is of what we hold no data of. */
    private final double[] weighed;

    private final double[] shares;

    private Meanings(SeenFigure seen, double[] weighed) {
        this.seen = seen;
        this.weighed = weighed;
        shares = Probabilities.of(weighed);
    }

    static Meanings of(Weights weights, SeenFigure seen) {
        var figure = seen.figure();
        var candidates = seen.candidates();
        var weighed = new double[candidates.size() + 1];
        var wasSo =
                candidates.stream().map(Candidate::figure).anyMatch(f -> f.use() == BEFORE && figure.holds(f.value()));
        for (var i = 0; i < candidates.size(); i++) {
            var candidate = candidates.get(i);
            var isOfLastTime = wasSo && candidate.owner().isEmpty();
            weighed[i] = weights.of(candidate.clues()) + Likelihood.of(figure, candidate.figure(), isOfLastTime);
        }
        weighed[candidates.size()] = weights.of(seen.aside()) + Likelihood.OF_ASIDE;
        return new Meanings(seen, weighed);
    }

    /** @param said how probable it is that another figure of the text says a thing already */
    Meanings beside(Weights weights, ToDoubleFunction<Candidate> said) {
        var besides = weighed.clone();
        for (var i = 0; i < seen.candidates().size(); i++) {
            besides[i] += weights.of(seen.candidates().get(i).elsewhere());
        }
        of(false)
                .forEach(i -> besides[i] += Likelihood.OF_SAYING_OTHERWISE
                        * said.applyAsDouble(seen.candidates().get(i)));
        return new Meanings(seen, besides);
    }

    /** Gives on how probable each thing in the data is. */
    void each(ObjDoubleConsumer<Candidate> each) {
        IntStream.range(0, seen.candidates().size())
                .forEach(i -> each.accept(seen.candidates().get(i), shares[i]));
    }

    WrittenFigure figure() {
        return seen.figure();
    }

    /** How probable it is that something is meant that is otherwise, from 0 to 1. */
    double slip() {
        return of(false).mapToDouble(i -> shares[i]).sum();
    }

    /** How probable it is that something is meant that is so, from 0 to 1. */
    double right() {
        return of(true).mapToDouble(i -> shares[i]).sum();
    }

    /** What is so and most probably meant; absent where nothing is so. */
    Optional<Candidate> likeliestRight() {
        return likeliest(true);
    }

    /** What is otherwise and most probably meant. */
    Optional<Candidate> likeliestOtherwise() {
        return likeliest(false);
    }

    private Optional<Candidate> likeliest(boolean isSo) {
        return of(isSo).boxed().max(Comparator.comparingDouble(i -> shares[i])).map(seen.candidates()::get);
    }

    private IntStream of(boolean isSo) {
        return IntStream.range(0, seen.candidates().size())
                .filter(i -> figure().holds(seen.candidates().get(i).figure().value()) == isSo);
    }
}

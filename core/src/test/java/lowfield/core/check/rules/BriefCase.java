package lowfield.core.check.rules;

import static lowfield.core.check.TestBuild.sound;

import java.util.Optional;
import java.util.Set;
import lowfield.core.check.TestBuild;
import lowfield.core.guide.Least;
import lowfield.core.guide.Slot;
import lowfield.core.guide.Wishes;

/** What a tier may ask for. */
abstract class BriefCase {
    static Wishes wishes(Set<String> colours, Wishes.Lit lit, boolean wifi, boolean ecc, boolean secure) {
        return new Wishes(
                colours,
                lit,
                wifi,
                ecc,
                secure,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                Least.NONE);
    }

    static Wishes theme(String... colours) {
        return wishes(Set.of(colours), Wishes.Lit.EITHER, false, false, false);
    }

    static Wishes lit(Wishes.Lit lit) {
        return wishes(Set.of(), lit, false, false, false);
    }

    static Wishes more(Integer noise, Set<String> ports, String floor, Set<Slot> beside, String region) {
        return new Wishes(
                Set.of(),
                Wishes.Lit.EITHER,
                false,
                false,
                false,
                Optional.ofNullable(noise),
                ports,
                Optional.ofNullable(floor),
                Optional.ofNullable(beside),
                Optional.ofNullable(region),
                Least.NONE);
    }

    static TestBuild asked(Integer cardMemory, Integer storage, Integer endurance) {
        return sound().asked(new Wishes(
                Set.of(),
                Wishes.Lit.EITHER,
                false,
                false,
                false,
                Optional.empty(),
                Set.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                new Least(
                        Optional.ofNullable(cardMemory),
                        Optional.ofNullable(storage),
                        Optional.ofNullable(endurance))));
    }
}

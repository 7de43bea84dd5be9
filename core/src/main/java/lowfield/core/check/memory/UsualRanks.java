package lowfield.core.check.memory;

import lowfield.core.part.Figure;

/** How many ranks a module of a size usually has (docs/checks.md lists them); some sizes come with one or two. */
final class UsualRanks {
    private static final int DDR5_ONE = 24;
    private static final int DDR5_TWO_FROM = 32;
    private static final int DDR5_TWO_TO = 64;
    private static final int DDR4_ONE = 8;
    private static final int DDR4_TWO = 32;

    private UsualRanks() {}

    static Figure<Integer> of(String generation, int gigabytes) {
        if (gigabytes <= 0) {
            return Figure.notKnown();
        }
        if (generation.equals("DDR5")) {
            if (gigabytes <= DDR5_ONE) {
                return Figure.of(1);
            }
            return gigabytes >= DDR5_TWO_FROM && gigabytes <= DDR5_TWO_TO ? Figure.of(2) : Figure.notKnown();
        }
        if (generation.equals("DDR4")) {
            if (gigabytes <= DDR4_ONE) {
                return Figure.of(1);
            }
            return gigabytes == DDR4_TWO ? Figure.of(2) : Figure.notKnown();
        }
        return Figure.notKnown();
    }
}

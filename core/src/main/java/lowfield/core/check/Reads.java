package lowfield.core.check;

import java.util.List;
import lowfield.core.guide.UsualValue;

/** Hears what the code of a check looks at while it runs. Of an ordinary run nothing is kept. */
interface Reads {
    Reads UNKEPT = new Reads() {};

    /** A line, pair or group by itself begins: what was looked at before does not decide it. */
    default void begin() {}

    default void figure(Seen line, Input<?> input) {}

    default void lines(View view, List<Seen> lines) {}

    default void required(Requirement<?> requirement) {}

    default void derived(Derived<?> derived) {}

    default void usual(UsualValue usual) {}

    /** A finding was made of what was looked at until now. */
    default void said() {}
}

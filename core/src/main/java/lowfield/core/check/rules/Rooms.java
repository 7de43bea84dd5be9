package lowfield.core.check.rules;

/** How one figure stands to the room there is for it. */
final class Rooms {
    /** Less free room than this is worth a note, in millimetres. */
    static final int TIGHT = 3;
    /** The same along the length of a graphics card or PSU. */
    static final int TIGHT_LENGTH = 5;

    private Rooms() {}

    /** The outcome: room enough, barely, or too little. */
    static String of(int needed, int room, int tight, String fits, String barely, String exceeds) {
        if (needed > room) {
            return exceeds;
        }
        return room - needed < tight ? barely : fits;
    }
}

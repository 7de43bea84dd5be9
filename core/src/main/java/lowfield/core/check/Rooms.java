package lowfield.core.check;

/** How one figure stands to the room there is for it. */
public final class Rooms {
    /** Less free room than this is worth a note, in millimetres. */
    public static final int TIGHT = 3;
    /** The same along the length of a graphics card or PSU. */
    public static final int TIGHT_LENGTH = 5;

    private Rooms() {}

    /** The outcome: room enough, barely, or too little. */
    public static String of(int needed, int room, int tight, String fits, String barely, String exceeds) {
        if (needed > room) {
            return exceeds;
        }
        return room - needed < tight ? barely : fits;
    }
}

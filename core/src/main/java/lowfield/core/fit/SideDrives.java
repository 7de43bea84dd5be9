package lowfield.core.fit;

import lowfield.core.fit.FitDrawing.Box.Sort;
import lowfield.core.part.spec.Case;

/** The drives from the open side: those on the motherboard, and the cage with the others. */
final class SideDrives {
    private final FitParts parts;
    private final FitParts.Sized<Case> box;
    private final Sheet sheet;

    SideDrives(FitParts parts, FitParts.Sized<Case> box, Sheet sheet) {
        this.parts = parts;
        this.box = box;
        this.sheet = sheet;
    }

    /** M.2 drives; a card is drawn over what lies below its slot. */
    void inSlots() {
        parts.drives().inSlots().forEach(this::inSlot);
    }

    private void inSlot(FitDrives.InSlot drive) {
        var place = drive.place();
        if (place.isEmpty()) {
            sheet.lacks(drive.name(), "place of slot " + drive.slotName() + " on the motherboard");
        }
        if (place.isPresent()
                && box.get(Case::boardTop).isPresent()
                && box.get(Case::boardRear).isPresent()) {
            sheet.box(
                    Sort.DRIVE,
                    drive.name(),
                    drive.length() + " × " + FitDrives.WIDTH + " mm",
                    box.get(Case::boardRear).get() + place.get().rear(),
                    box.get(Case::boardTop).get() + place.get().top() - FitDrives.WIDTH / 2,
                    drive.length(),
                    FitDrives.WIDTH,
                    parts.verdict("drive-slots"));
        }
    }

    /** Where its sizes are on file, also when it is empty. */
    void cage(int depth, int height) {
        var held = parts.drives().inBays();
        var reach = parts.cageReach();
        var high = parts.cageHeight();
        if (reach.isEmpty() || high.isEmpty()) {
            held.forEach(drive -> sheet.lacks(drive.name(), "place of the drive cage in " + box.name()));
            return;
        }
        sheet.box(
                Sort.CAGE,
                "drive cage",
                inIt(held.stream().mapToInt(FitDrives.InBay::pieces).sum()),
                depth - reach.get(),
                height - high.get(),
                box.get(Case::cageLength).orElse(0),
                high.get(),
                parts.verdict("drive-bays"));
    }

    private static String inIt(int drives) {
        return switch (drives) {
            case 0 -> "";
            case 1 -> "1 drive in it";
            default -> drives + " drives in it";
        };
    }
}

package lowfield.core.fit;

import lowfield.core.check.Verdict;
import lowfield.core.fit.FitDrawing.Box.Sort;
import lowfield.core.part.spec.Case;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.Motherboard;

/** In cross-section, seen from behind: the open panel on the left, the cables behind the motherboard on the right. */
final class CrossSection {
    private static final int CARD_THICK = 40;
    private static final String TITLE = "In cross-section, from behind";

    private final FitParts parts;
    private final FitParts.Sized<Case> box;
    private final Sheet sheet = new Sheet();

    private CrossSection(FitParts parts) {
        this.parts = parts;
        box = parts.box().orElseThrow();
    }

    static FitDrawing.Panel of(FitParts parts) {
        return new CrossSection(parts).panel();
    }

    private FitDrawing.Panel panel() {
        var width = box.get(Case::width);
        var height = box.get(Case::height);
        if (width.isEmpty() || height.isEmpty()) {
            sheet.lacks(box.name(), width.isEmpty() ? "width" : "height");
            return sheet.panel(TITLE, 0, 0);
        }
        var w = width.get();
        var h = height.get();
        sheet.box(Sort.CASE, box.name(), w + " mm wide", 0, 0, w, h, Verdict.FITS);
        var plane =
                sheet.needed(Clearance.within(box.get(Case::coolerHeight), width), box.name(), "CPU cooler clearance");
        plane.ifPresent(p -> {
            sheet.box(Sort.TRAY, "", "", p, box.get(Case::boardTop).orElse(0), 4, h * 2 / 3, Verdict.FITS);
            cooler(p);
            card(p, h);
        });
        sheet.needed(Clearance.within(box.get(Case::cableRoom), width), box.name(), "cable room behind the motherboard")
                .ifPresent(room -> sheet.measure(
                        w - room, h - 24, w, h - 24, room + " mm for cables", parts.verdict(0, "cable-room")));
        return sheet.panel(TITLE, w, h);
    }

    private void cooler(int plane) {
        parts.tower().ifPresent(cooler -> {
            var high = sheet.needed(cooler.get(Cooler::height), cooler.name(), "height");
            var wide = sheet.needed(cooler.get(Cooler::width), cooler.name(), "width");
            if (high.isEmpty() || wide.isEmpty()) {
                return;
            }
            var room = parts.coolerHeight();
            var centre = box.get(Case::boardTop).orElse(0)
                    + parts.board().flatMap(b -> b.get(Motherboard::socketTop)).orElse(wide.get() / 2);
            var top = Math.max(0, centre - wide.get() / 2);
            sheet.box(
                    Sort.COOLER,
                    cooler.name(),
                    high.get() + " mm high",
                    plane - high.get(),
                    top,
                    high.get(),
                    wide.get(),
                    room.verdict());
            sheet.measure(
                    0,
                    top + wide.get() + 12,
                    plane - high.get(),
                    top + wide.get() + 12,
                    room.said("too high"),
                    room.verdict());
        });
    }

    private void card(int plane, int height) {
        parts.card().ifPresent(card -> {
            var high = sheet.needed(card.get(GraphicsCard::height), card.name(), "height");
            if (high.isEmpty()) {
                return;
            }
            var top = box.get(Case::boardTop).map(t -> t + BoardSize.FIRST_SLOT).orElse(height / 2);
            var thick = card.get(GraphicsCard::thickness).orElse(CARD_THICK);
            var room = parts.cardHeight();
            sheet.box(
                    Sort.CARD,
                    card.name(),
                    high.get() + " mm high",
                    plane - high.get(),
                    top,
                    high.get(),
                    thick,
                    room.verdict());
            if (room.room().isPresent()) {
                sheet.measure(
                        plane - room.room().get(),
                        top + thick + 12,
                        plane - high.get(),
                        top + thick + 12,
                        room.said("too high"),
                        room.verdict());
            } else {
                sheet.lacks(box.name(), "clearance beside the card");
            }
        });
    }
}

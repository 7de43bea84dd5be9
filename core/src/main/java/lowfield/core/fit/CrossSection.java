package lowfield.core.fit;

import java.util.Optional;
import java.util.stream.Stream;
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
        var forCooler = parts.coolerHeight().room();
        var forCard = parts.cardHeight().room();
        Stream.of(forCooler, forCard)
                .flatMap(Optional::stream)
                .max(Integer::compare)
                .ifPresent(plane -> sheet.box(
                        Sort.TRAY, "", "", plane, box.get(Case::boardTop).orElse(0), 4, h * 2 / 3, Verdict.FITS));
        cooler();
        card(h);
        sheet.needed(Clearance.within(box.get(Case::cableRoom), width), box.name(), "cable room behind the motherboard")
                .ifPresent(room -> sheet.measure(
                        w - room, h - 24, w, h - 24, room + " mm for cables", parts.verdict(0, "cable-room")));
        return sheet.panel(TITLE, w, h);
    }

    private void cooler() {
        parts.tower().ifPresent(cooler -> {
            var high = sheet.needed(cooler.get(Cooler::height), cooler.name(), "height");
            var wide = sheet.needed(cooler.get(Cooler::width), cooler.name(), "width");
            var room = parts.coolerHeight();
            sheet.needed(room.room(), box.name(), "CPU cooler clearance");
            if (high.isPresent() && wide.isPresent() && room.room().isPresent()) {
                var centre = box.get(Case::boardTop).orElse(0)
                        + parts.board()
                                .flatMap(b -> b.get(Motherboard::socketTop))
                                .orElse(wide.get() / 2);
                stand(Sort.COOLER, cooler.name(), high.get(), Math.max(0, centre - wide.get() / 2), wide.get(), room);
            }
        });
    }

    private void card(int height) {
        parts.card().ifPresent(card -> {
            var high = sheet.needed(card.get(GraphicsCard::height), card.name(), "height");
            var room = parts.cardHeight();
            sheet.needed(room.room(), box.name(), "clearance beside the card");
            if (high.isPresent() && room.room().isPresent()) {
                var top = box.get(Case::boardTop)
                        .map(t -> t + BoardSize.FIRST_SLOT)
                        .orElse(height / 2);
                stand(
                        Sort.CARD,
                        card.name(),
                        high.get(),
                        top,
                        card.get(GraphicsCard::thickness).orElse(CARD_THICK),
                        room);
            }
        });
    }

    /** A part that stands on the motherboard towards the open panel, and what is free between. */
    private void stand(Sort sort, String name, int high, int top, int thick, Clearance room) {
        var left = room.left().orElse(0);
        sheet.box(sort, name, high + " mm high", left, top, high, thick, room.verdict());
        sheet.measure(0, top + thick / 2, left, top + thick / 2, room.said("too high"), room.verdict());
    }
}

package lowfield.core.fit;

import java.util.Optional;
import java.util.stream.Stream;
import lowfield.core.check.Verdict;
import lowfield.core.fit.FitDrawing.Box.Sort;
import lowfield.core.guide.Span;
import lowfield.core.part.spec.Case;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.Memory;
import lowfield.core.part.spec.Motherboard;

/** In cross-section, seen from behind: the open panel on the left, the cables behind the motherboard on the right. */
final class CrossSection {
    /** The length of a memory module, in millimetres (JEDEC MO-309, MO-329: 133.35 mm). */
    static final int MODULE = 133;

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
        plane().ifPresent(plane -> {
            box.get(Case::boardTop)
                    .ifPresent(top -> sheet.box(Sort.TRAY, "", "", plane, top, 4, h * 2 / 3, Verdict.FITS));
            memory(plane);
        });
        cooler();
        card();
        sheet.needed(FitParts.within(box.get(Case::cableRoom), width), box.name(), "cable room behind the motherboard")
                .ifPresent(room -> sheet.measure(
                        w - room, h - 24, w, h - 24, room + " mm for cables", parts.verdict("cable-room")));
        return sheet.panel(TITLE, w, h);
    }

    /** How far from the open panel the motherboard's upper side is, by the room over it. */
    private Optional<Integer> plane() {
        return Stream.of(parts.coolerHeight().room(), parts.cardHeight().room())
                .flatMap(Optional::stream)
                .map(Span::usual)
                .max(Integer::compare);
    }

    /** Where the middle of the socket is below the top; what stands there needs the motherboard's place and the socket's on it. */
    private Optional<Integer> socket() {
        return box.get(Case::boardTop)
                .flatMap(top -> parts.board()
                        .flatMap(b -> b.get(Motherboard::socketTop))
                        .map(socket -> top + socket));
    }

    private void cooler() {
        parts.tower().ifPresent(cooler -> {
            var high = sheet.needed(cooler.get(Cooler::height), cooler.name(), "height");
            var wide = sheet.needed(cooler.get(Cooler::width), cooler.name(), "width");
            var room = parts.coolerHeight();
            sheet.needed(room);
            if (high.isPresent() && wide.isPresent() && room.left().isPresent() && socket().isPresent()) {
                var taken = room.taken().orElse(high.get());
                stand(
                        Sort.COOLER,
                        cooler.name(),
                        taken,
                        Math.max(0, socket().get() - wide.get() / 2),
                        wide.get(),
                        room);
            }
        });
    }

    /** A module stands on edge beside the socket; what the cooler leaves over it is measured from its top, and said in words. */
    private void memory(int plane) {
        parts.memory().ifPresent(memory -> {
            var high = sheet.needed(memory.get(Memory::height), memory.name(), "height");
            if (high.isEmpty() || socket().isEmpty()) {
                return;
            }
            var top = Math.max(0, socket().get() - MODULE / 2);
            var under = parts.underCooler();
            var left = plane - high.get();
            sheet.box(
                    Sort.MEMORY,
                    memory.name(),
                    high.get() + " mm high",
                    left,
                    top,
                    high.get(),
                    MODULE,
                    under.verdict());
            under.left().ifPresent(free -> {
                var below = top + MODULE - 10;
                sheet.measure(left - Math.max(0, free), below, left + Math.max(0, -free), below, "", under.verdict());
            });
        });
    }

    private void card() {
        parts.card().ifPresent(card -> {
            var high = sheet.needed(card.get(GraphicsCard::height), card.name(), "height");
            var thick = sheet.needed(card.get(GraphicsCard::thickness), card.name(), "thickness");
            var room = parts.cardHeight();
            sheet.needed(room);
            if (high.isPresent()
                    && thick.isPresent()
                    && room.left().isPresent()
                    && box.get(Case::boardTop).isPresent()) {
                var top = box.get(Case::boardTop).get() + BoardSize.FIRST_SLOT;
                stand(Sort.CARD, card.name(), high.get(), top, thick.get(), room);
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

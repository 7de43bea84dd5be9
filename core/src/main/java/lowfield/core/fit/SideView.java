package lowfield.core.fit;

import java.util.Optional;
import lowfield.core.check.Verdict;
import lowfield.core.fit.FitDrawing.Box.Sort;
import lowfield.core.part.spec.Case;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.Motherboard;
import lowfield.core.part.spec.PowerSupply;

/** From the open side: the rear of the case on the left, its top above. */
final class SideView {
    /** One expansion slot; a card without a thickness on file is as thick as the slots it covers. */
    private static final double SLOT_PITCH = 20.32;

    private final FitParts parts;
    private final FitParts.Sized<Case> box;
    private final Sheet sheet = new Sheet();

    private SideView(FitParts parts) {
        this.parts = parts;
        box = parts.box().orElseThrow();
    }

    static FitDrawing.Panel of(FitParts parts) {
        return new SideView(parts).panel();
    }

    private FitDrawing.Panel panel() {
        var depth = box.get(Case::depth);
        var height = box.get(Case::height);
        if (depth.isEmpty() || height.isEmpty()) {
            sheet.lacks(box.name(), depth.isEmpty() ? "depth" : "height");
            return sheet.panel("From the open side", 0, 0);
        }
        var d = depth.get();
        var h = height.get();
        sheet.box(Sort.CASE, box.name(), d + " mm deep, " + h + " mm high", 0, 0, d, h, Verdict.FITS);
        board();
        cooler();
        var drives = new SideDrives(parts, box, sheet);
        drives.inSlots();
        radiator(d, h);
        card(d, h);
        supply(d, h);
        drives.cage(d, h);
        return sheet.panel("From the open side", d, h);
    }

    private Optional<Integer> boardTop() {
        return box.get(Case::boardTop);
    }

    private void board() {
        parts.board().ifPresent(board -> {
            var top = sheet.needed(boardTop(), box.name(), "motherboard below the inner top");
            var size = BoardSize.of(board.spec());
            if (size.isEmpty()) {
                sheet.lacks(board.name(), "form factor");
            }
            if (top.isPresent() && size.isPresent()) {
                sheet.box(
                        Sort.BOARD,
                        board.name(),
                        board.spec().format().or("") + ", " + size.get().height() + " × "
                                + size.get().depth() + " mm",
                        box.get(Case::boardRear).orElse(0),
                        top.get(),
                        size.get().depth(),
                        size.get().height(),
                        parts.verdict(0, "board-format"));
            }
        });
    }

    private void cooler() {
        parts.tower().ifPresent(cooler -> {
            var width = sheet.needed(cooler.get(Cooler::width), cooler.name(), "width");
            var depth = sheet.needed(cooler.get(Cooler::depth), cooler.name(), "depth");
            var board = parts.board();
            var fromTop = board.flatMap(
                    b -> sheet.needed(b.get(Motherboard::socketTop), b.name(), "socket centre below the top edge"));
            var fromRear = board.flatMap(
                    b -> sheet.needed(b.get(Motherboard::socketRear), b.name(), "socket centre from the rear edge"));
            if (width.isPresent()
                    && depth.isPresent()
                    && fromTop.isPresent()
                    && fromRear.isPresent()
                    && boardTop().isPresent()) {
                sheet.box(
                        Sort.COOLER,
                        cooler.name(),
                        width.get() + " mm wide, " + depth.get() + " mm deep",
                        box.get(Case::boardRear).orElse(0) + fromRear.get() - depth.get() / 2,
                        boardTop().get() + fromTop.get() - width.get() / 2,
                        depth.get(),
                        width.get(),
                        parts.verdict(0, "cooler-height", "cooler-memory", "cooler-first-slot"));
            }
        });
    }

    private void radiator(int depth, int height) {
        parts.liquid().ifPresent(cooler -> {
            var thick =
                    sheet.needed(cooler.get(Cooler::radiatorThickness), cooler.name(), "radiator thickness with fans");
            var length = cooler.get(Cooler::radiatorLength).or(() -> cooler.get(Cooler::radiator));
            var place = parts.radiatorPlace();
            if (place.isEmpty()) {
                sheet.lacks(box.name(), "place for a radiator of " + length.orElse(0) + " mm");
            }
            if (thick.isPresent() && length.isPresent() && place.isPresent()) {
                var said = length.get() + " × " + thick.get() + " mm, " + place.get();
                var verdict = parts.verdict(0, "radiator", "radiator-place");
                var l = length.get();
                var t = thick.get();
                switch (place.get()) {
                    case "front" ->
                        sheet.box(
                                Sort.RADIATOR,
                                cooler.name(),
                                said,
                                depth - t,
                                Math.max(0, (height - l) / 2),
                                t,
                                l,
                                verdict);
                    case "rear" -> sheet.box(Sort.RADIATOR, cooler.name(), said, 0, 0, t, l, verdict);
                    case "bottom" ->
                        sheet.box(
                                Sort.RADIATOR,
                                cooler.name(),
                                said,
                                Math.max(0, (depth - l) / 2),
                                height - t,
                                l,
                                t,
                                verdict);
                    case "side" ->
                        sheet.box(
                                Sort.RADIATOR, cooler.name(), said, Math.max(0, depth - l), height / 3, l, t, verdict);
                    default ->
                        sheet.box(Sort.RADIATOR, cooler.name(), said, Math.max(0, (depth - l) / 2), 0, l, t, verdict);
                }
            }
        });
    }

    private void card(int depth, int height) {
        parts.card().ifPresent(card -> {
            var length = sheet.needed(card.get(GraphicsCard::length), card.name(), "length");
            var thick = card.get(GraphicsCard::thickness)
                    .or(() -> card.get(GraphicsCard::slotsCovered).map(n -> (int) Math.round(n * SLOT_PITCH)));
            sheet.needed(thick, card.name(), "thickness");
            if (length.isEmpty() || thick.isEmpty()) {
                return;
            }
            var top = boardTop().map(t -> t + BoardSize.FIRST_SLOT).orElse(height / 2);
            var room = parts.cardLength();
            var verdict = room.verdict();
            sheet.box(
                    Sort.CARD,
                    card.name(),
                    length.get() + " mm long, " + thick.get() + " mm thick",
                    0,
                    top,
                    length.get(),
                    thick.get(),
                    verdict);
            var below = top + thick.get() + 16;
            if (room.room().isPresent()) {
                sheet.measure(length.get(), below, room.room().get(), below, room.said("too long"), verdict);
            } else {
                sheet.lacks(box.name(), "graphics card clearance");
            }
        });
    }

    private void supply(int depth, int height) {
        parts.supply().ifPresent(supply -> {
            var length = sheet.needed(supply.get(PowerSupply::length), supply.name(), "length");
            var high = sheet.needed(supply.get(PowerSupply::height), supply.name(), "height");
            box.get(Case::shroud)
                    .ifPresent(s -> sheet.box(
                            Sort.TRAY, "", "PSU shroud, " + s + " mm high", 0, height - s, depth, s, Verdict.FITS));
            if (length.isEmpty() || high.isEmpty()) {
                return;
            }
            var room = parts.supplyLength();
            sheet.box(
                    Sort.SUPPLY,
                    supply.name(),
                    length.get() + " mm long, " + high.get() + " mm high",
                    0,
                    height - high.get(),
                    length.get(),
                    high.get(),
                    room.verdict());
            var middle = height - high.get() / 2;
            if (room.room().isPresent()) {
                sheet.measure(length.get(), middle, room.room().get(), middle, room.said("too long"), room.verdict());
            } else {
                sheet.lacks(box.name(), "PSU clearance");
            }
        });
    }
}

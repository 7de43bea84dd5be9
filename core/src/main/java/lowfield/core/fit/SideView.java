package lowfield.core.fit;

import java.util.Optional;
import lowfield.core.check.Verdict;
import lowfield.core.fit.FitDrawing.Box.Sort;
import lowfield.core.guide.Span;
import lowfield.core.part.spec.Case;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.Motherboard;
import lowfield.core.part.spec.PowerSupply;

/** From the open side: the rear of the case on the left, its top above. */
final class SideView {
    /** One expansion slot; a card without a thickness on file is as thick as the slots it covers. */
    private static final double SLOT_PITCH = 20.32;

    /** How thick a module is drawn, in millimetres: the pitch of its slots leaves no more. */
    private static final int MODULE_THICK = 8;

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
        fans(d, h);
        radiator(d, h);
        memory();
        card();
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
            var rear = sheet.needed(box.get(Case::boardRear), box.name(), "motherboard behind the rear panel");
            if (top.isPresent() && size.isPresent() && rear.isPresent()) {
                sheet.box(
                        Sort.BOARD,
                        board.name(),
                        board.spec().format().or("") + ", " + size.get().height() + " × "
                                + size.get().depth() + " mm",
                        rear.get(),
                        top.get(),
                        size.get().depth(),
                        size.get().height(),
                        parts.verdict("board-format"));
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
                    && boardTop().isPresent()
                    && box.get(Case::boardRear).isPresent()) {
                sheet.box(
                        Sort.COOLER,
                        cooler.name(),
                        width.get() + " mm wide, " + depth.get() + " mm deep",
                        box.get(Case::boardRear).get() + fromRear.get() - depth.get() / 2,
                        boardTop().get() + fromTop.get() - width.get() / 2,
                        depth.get(),
                        width.get(),
                        parts.verdict("cooler-height", "cooler-memory", "cooler-first-slot"));
            }
        });
    }

    /** As thick as the checks reckon them, over the whole front. */
    private void fans(int depth, int height) {
        parts.frontFans()
                .ifPresent(fans -> sheet.box(
                        Sort.FANS,
                        "front fans",
                        fans + " mm thick",
                        depth - fans.usual(),
                        0,
                        fans.usual(),
                        height,
                        parts.verdict("fan-places")));
    }

    /** The module nearest to the socket, seen on its edge. */
    private void memory() {
        parts.memory()
                .ifPresent(memory -> parts.board().ifPresent(board -> {
                    var edge = sheet.needed(
                            board.get(Motherboard::memoryEdge),
                            board.name(),
                            "nearest memory slot from the socket centre");
                    var fromTop = board.get(Motherboard::socketTop);
                    var fromRear = board.get(Motherboard::socketRear);
                    if (edge.isPresent()
                            && fromTop.isPresent()
                            && fromRear.isPresent()
                            && boardTop().isPresent()
                            && box.get(Case::boardRear).isPresent()) {
                        sheet.box(
                                Sort.MEMORY,
                                memory.name(),
                                "",
                                box.get(Case::boardRear).get() + fromRear.get() + edge.get(),
                                Math.max(0, boardTop().get() + fromTop.get() - CrossSection.MODULE / 2),
                                MODULE_THICK,
                                CrossSection.MODULE,
                                parts.verdict("cooler-memory"));
                    }
                }));
    }

    private void radiator(int depth, int height) {
        parts.liquid().ifPresent(cooler -> {
            var thick = Optional.of(parts.radiator().thickness())
                    .filter(t -> !t.onUsualValue() && t.usual() > 0)
                    .map(Span::usual);
            sheet.needed(thick, cooler.name(), "radiator thickness with fans");
            var length = cooler.get(Cooler::radiatorLength).or(() -> cooler.get(Cooler::radiator));
            var place = parts.radiatorPlace();
            if (place.isEmpty()) {
                sheet.lacks(box.name(), "place for a radiator of " + length.orElse(0) + " mm");
            }
            if (thick.isPresent() && length.isPresent() && place.isPresent()) {
                var said = length.get() + " × " + thick.get() + " mm, " + place.get();
                var verdict = parts.verdict("radiator", "radiator-place");
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

    private void card() {
        parts.card().ifPresent(card -> {
            var length = sheet.needed(card.get(GraphicsCard::length), card.name(), "length");
            var thick = card.get(GraphicsCard::thickness)
                    .or(() -> card.get(GraphicsCard::slotsCovered).map(n -> (int) Math.round(n * SLOT_PITCH)));
            sheet.needed(thick, card.name(), "thickness");
            var room = parts.cardLength();
            sheet.needed(room);
            if (length.isEmpty() || thick.isEmpty() || boardTop().isEmpty()) {
                return;
            }
            var top = boardTop().get() + BoardSize.FIRST_SLOT;
            sheet.box(
                    Sort.CARD,
                    card.name(),
                    length.get() + " mm long, " + thick.get() + " mm thick",
                    0,
                    top,
                    length.get(),
                    thick.get(),
                    room.verdict());
            var below = top + thick.get() + 16;
            room.room()
                    .ifPresent(r -> sheet.measure(
                            length.get(), below, r.usual(), below, room.said("too long"), room.verdict()));
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
            sheet.needed(room);
            room.room()
                    .ifPresent(r -> sheet.measure(
                            length.get(), middle, r.usual(), middle, room.said("too long"), room.verdict()));
        });
    }
}

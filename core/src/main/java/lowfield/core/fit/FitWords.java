package lowfield.core.fit;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.check.Verdict;
import lowfield.core.part.spec.Case;
import lowfield.core.part.spec.Cooler;
import lowfield.core.part.spec.GraphicsCard;
import lowfield.core.part.spec.Memory;
import lowfield.core.part.spec.Motherboard;
import lowfield.core.part.spec.PowerSupply;

/** The fit in words: every figure that is drawn, and what is left of each clearance. */
final class FitWords {
    private final FitParts parts;
    private final FitParts.Sized<Case> box;
    private final List<FitDrawing.Sentence> words = new ArrayList<>();
    private final List<FitDrawing.Sentence> sizes = new ArrayList<>();

    private FitWords(FitParts parts) {
        this.parts = parts;
        box = parts.box().orElseThrow();
    }

    /** Every sentence of a build with a case. */
    static FitWords of(FitParts parts) {
        var all = new FitWords(parts);
        all.write();
        return all;
    }

    List<FitDrawing.Sentence> words() {
        return words;
    }

    List<FitDrawing.Sentence> sizes() {
        return sizes;
    }

    private void write() {
        contradictions();
        theCase();
        parts.card().ifPresent(card -> {
            say("Graphics card", parts.cardLength(), "long", card.get(GraphicsCard::length), "the case takes %s mm");
            say(
                    "Graphics card",
                    parts.cardHeight(),
                    "high",
                    card.get(GraphicsCard::height),
                    "the case has %s mm beside it");
            say(
                    "Graphics card",
                    parts.cardThickness(),
                    "thick",
                    card.get(GraphicsCard::thickness),
                    "the case takes %s mm");
        });
        parts.tower()
                .map(c ->
                        listed(worded(c.get(Cooler::width), "%d mm wide"), worded(c.get(Cooler::depth), "%d mm deep")))
                .filter(said -> !said.isEmpty())
                .ifPresent(said -> sizes.add(new FitDrawing.Sentence(
                        parts.verdict("cooler-memory", "cooler-first-slot"), "CPU cooler", said + ".")));
        parts.supply()
                .flatMap(s -> worded(s.get(PowerSupply::height), "%d mm high."))
                .ifPresent(said -> sizes.add(new FitDrawing.Sentence(Verdict.FITS, "PSU", said)));
        parts.tower().ifPresent(this::cooler);
        parts.memory().ifPresent(this::memory);
        parts.frontFans()
                .ifPresent(fans -> sizes.add(
                        new FitDrawing.Sentence(parts.verdict("fan-places"), "Front fans", fans + " mm thick.")));
        parts.liquid().ifPresent(this::radiator);
        parts.supply()
                .ifPresent(s ->
                        say("PSU", parts.supplyLength(), "long", s.get(PowerSupply::length), "the case takes %s mm"));
        parts.board().ifPresent(this::board);
        drives();
        cage();
        box.get(Case::cableRoom)
                .ifPresent(r -> words.add(new FitDrawing.Sentence(
                        parts.verdict("cable-room"), "Cable room", r + " mm behind the motherboard.")));
    }

    private void theCase() {
        var said = listed(
                worded(box.get(Case::depth), "%d mm deep"),
                worded(box.get(Case::height), "%d mm high"),
                worded(box.get(Case::width), "%d mm wide"),
                worded(box.get(Case::shroud), "PSU shroud %d mm high"));
        if (!said.isEmpty()) {
            sizes.add(new FitDrawing.Sentence(Verdict.FITS, "Case", box.name() + ", " + said + "."));
        }
    }

    private void board(FitParts.Sized<Motherboard> board) {
        var said = listed(
                board.spec().format().value(),
                BoardSize.of(board.spec()).map(s -> s.height() + " × " + s.depth() + " mm"),
                worded(box.get(Case::boardTop), "%d mm below the top"),
                worded(box.get(Case::boardRear), "%d mm behind the rear panel"),
                worded(board.get(Motherboard::socketTop), "socket %d mm below its upper edge"),
                worded(board.get(Motherboard::socketRear), "%d mm from its rear edge"));
        if (!said.isEmpty()) {
            sizes.add(new FitDrawing.Sentence(parts.verdict("board-format"), "Motherboard", said + "."));
        }
    }

    private void drives() {
        for (var drive : parts.drives().inSlots()) {
            drive.place()
                    .ifPresent(place -> sizes.add(new FitDrawing.Sentence(
                            parts.verdict("drive-slots"),
                            "Drive",
                            "%s, %d × %d mm, in slot %s, its middle %d mm below the motherboard's upper edge, %d mm from its rear edge."
                                    .formatted(
                                            drive.name(),
                                            drive.length(),
                                            FitDrives.WIDTH,
                                            drive.slotName(),
                                            place.top(),
                                            place.rear()))));
        }
    }

    private void cage() {
        if (parts.cageReach().isPresent() && parts.cageHeight().isPresent()) {
            var held =
                    parts.drives().inBays().stream().map(FitDrives.InBay::said).toList();
            sizes.add(new FitDrawing.Sentence(
                    parts.verdict("drive-bays"),
                    "Drive cage",
                    listed(
                                    worded(box.get(Case::cageLength), "%d mm long"),
                                    worded(box.get(Case::cageHeight), "%d mm high"),
                                    worded(box.get(Case::cageFront), "%d mm behind the front"))
                            + (held.isEmpty() ? "." : "; it holds " + String.join(", ", held) + ".")));
        }
    }

    private static Optional<String> worded(Optional<Integer> figure, String words) {
        return figure.map(words::formatted);
    }

    @SafeVarargs
    private static String listed(Optional<String>... said) {
        return Stream.of(said).flatMap(Optional::stream).collect(Collectors.joining(", "));
    }

    private void say(String subject, Clearance clearance, String how, Optional<Integer> taken, String room) {
        if (taken.isEmpty() || clearance.isSilent()) {
            return;
        }
        var own = taken.get() + " mm " + how;
        words.add(clearance
                .room()
                .map(r -> new FitDrawing.Sentence(
                        clearance.verdict(),
                        subject,
                        "%s; %s%s. %s."
                                .formatted(
                                        own,
                                        room.formatted(r),
                                        clearance.basis(),
                                        sentence(clearance.said("too " + how.split(" ")[0])))))
                .orElseGet(() -> new FitDrawing.Sentence(
                        Verdict.NOT_KNOWN,
                        subject,
                        own + "; " + clearance.missing().orElse("what the case takes is not on file") + ".")));
    }

    private static String sentence(String said) {
        return said.isEmpty() ? said : Character.toUpperCase(said.charAt(0)) + said.substring(1);
    }

    private void cooler(FitParts.Sized<Cooler> cooler) {
        var height = parts.coolerHeight();
        var isRaised = parts.isRaised();
        say(
                "CPU cooler",
                height,
                isRaised ? "high with its front fan raised over the memory" : "high",
                isRaised ? height.taken() : cooler.get(Cooler::height),
                "the case takes %s mm");
    }

    private void memory(FitParts.Sized<Memory> memory) {
        say("Memory", parts.underCooler(), "high", memory.get(Memory::height), "the cooler leaves %s mm");
    }

    private void radiator(FitParts.Sized<Cooler> cooler) {
        words.add(new FitDrawing.Sentence(
                parts.verdict("radiator", "radiator-place"),
                "Radiator",
                "%s mm%s%s."
                        .formatted(
                                cooler.get(Cooler::radiator).orElse(0),
                                Optional.of(parts.radiator().thickness())
                                        .filter(t -> t.usual() > 0)
                                        .map(t -> ", " + t + " mm thick with its fans")
                                        .orElse(""),
                                parts.radiatorPlace().map(p -> ", at the " + p).orElse(""))));
    }

    /** Sizes of a case that cannot both be true are told; what contradicts is not drawn. */
    private void contradictions() {
        contradicts(box.get(Case::cardLength), box.get(Case::depth), "graphics card clearance", "deep");
        contradicts(box.get(Case::supplyLength), box.get(Case::depth), "PSU clearance", "deep");
        contradicts(box.get(Case::coolerHeight), box.get(Case::width), "CPU cooler clearance", "wide");
        contradicts(box.get(Case::cableRoom), box.get(Case::width), "cable room", "wide");
        contradicts(parts.cageTakes(), box.get(Case::depth), "drive cage with the room before it", "deep");
        contradicts(box.get(Case::cageHeight), box.get(Case::height), "drive cage", "high");
    }

    private void contradicts(Optional<Integer> room, Optional<Integer> outer, String figure, String how) {
        if (room.isPresent() && outer.filter(o -> room.get() > o).isPresent()) {
            words.add(new FitDrawing.Sentence(
                    Verdict.CAUTION,
                    "Case",
                    "Its figures contradict each other: %s %d mm, but it is only %d mm %s."
                            .formatted(figure, room.get(), outer.get(), how)));
        }
    }
}

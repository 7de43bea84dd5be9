package lowfield.core.fit;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lowfield.core.check.TestBuild;
import lowfield.core.check.Verdict;
import lowfield.core.check.rules.Checks;
import lowfield.core.edition.TestEdition;
import lowfield.core.guide.Build;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** The fit of a build: to scale, coloured as the checks say, and the same in words. */
class FitDrawingTest {
    /** A build with every figure that can be drawn. */
    static TestBuild measured() {
        return TestBuild.sound()
                .with(Slot.CASE, "depth", 440)
                .with(Slot.CASE, "height", 470)
                .with(Slot.CASE, "width", 220)
                .with(Slot.CASE, "cardLength", 360)
                .with(Slot.CASE, "cardLengthBasis", "with front fans")
                .with(Slot.CASE, "cardHeight", 160)
                .with(Slot.CASE, "cardThickness", 70)
                .with(Slot.CASE, "coolerHeight", 170)
                .with(Slot.CASE, "supplyLength", 200)
                .with(Slot.CASE, "boardTop", 30)
                .with(Slot.CASE, "boardRear", 12)
                .with(Slot.CASE, "shroud", 100)
                .with(Slot.CASE, "cableRoom", 25)
                .with(Slot.CASE, "cageLength", 115)
                .with(Slot.CASE, "cageHeight", 85)
                .with(Slot.CASE, "cageFront", 30)
                .with(Slot.MOTHERBOARD, "driveSlots", slots(146, 70))
                .with(Slot.GRAPHICS_CARD, "length", 304)
                .with(Slot.GRAPHICS_CARD, "height", 120)
                .with(Slot.GRAPHICS_CARD, "thickness", 52)
                .with(Slot.COOLER, "height", 154)
                .with(Slot.COOLER, "width", 126)
                .with(Slot.COOLER, "depth", 75)
                .with(Slot.MOTHERBOARD, "socketTop", 80)
                .with(Slot.MOTHERBOARD, "socketRear", 90)
                .with(Slot.MOTHERBOARD, "memoryEdge", 55)
                .with(Slot.POWER_SUPPLY, "length", 150)
                .with(Slot.POWER_SUPPLY, "height", 86);
    }

    private static List<Map<String, Object>> slots(int top, int rear) {
        return List.of(Map.of(
                "name",
                "M2_1",
                "protocols",
                List.of("NVMe"),
                "generation",
                4,
                "longest",
                80,
                "top",
                top,
                "rear",
                rear));
    }

    private static List<FitDrawing.Box> boxes(FitDrawing fit, FitDrawing.Box.Sort sort) {
        return fit.panels().get(0).boxes().stream()
                .filter(b -> b.sort() == sort)
                .toList();
    }

    private static FitDrawing of(TestBuild build) {
        return of(build.build());
    }

    private static FitDrawing of(Build build) {
        return FitDrawing.of(build, Checks.on(build));
    }

    private static Set<FitDrawing.Box.Sort> drawn(FitDrawing fit) {
        return fit.panels().stream()
                .flatMap(p -> p.boxes().stream())
                .map(FitDrawing.Box::sort)
                .collect(Collectors.toSet());
    }

    private static String words(FitDrawing fit) {
        return Stream.concat(fit.words().stream(), fit.sizes().stream())
                .map(s -> s.verdict() + " " + s.subject() + ": " + s.said())
                .collect(Collectors.joining("\n"));
    }

    private static List<String> geometry(FitDrawing fit) {
        return fit.panels().stream()
                .flatMap(p -> Stream.of(
                                Stream.of(p.width() + " " + p.height()),
                                p.boxes().stream()
                                        .map(b -> b.sort() + " " + b.x() + " " + b.y() + " " + b.width() + " "
                                                + b.height()),
                                p.measures().stream()
                                        .map(m -> m.fromX() + " " + m.fromY() + " " + m.toX() + " " + m.toY()))
                        .flatMap(s -> s))
                .toList();
    }

    @Test
    void everythingOnFileIsDrawnToScaleAndSaid() {
        var fit = of(measured());
        assertThat(drawn(fit))
                .contains(
                        FitDrawing.Box.Sort.CASE,
                        FitDrawing.Box.Sort.BOARD,
                        FitDrawing.Box.Sort.CARD,
                        FitDrawing.Box.Sort.COOLER,
                        FitDrawing.Box.Sort.SUPPLY,
                        FitDrawing.Box.Sort.DRIVE,
                        FitDrawing.Box.Sort.CAGE);
        assertThat(words(fit))
                .contains("FITS Graphics card: 304 mm long; the case takes 360 mm with front fans. 56 mm free.")
                .contains("CPU cooler: 154 mm high; the case takes 170 mm. 16 mm free.")
                .contains("PSU: 150 mm long; the case takes 200 mm. 50 mm free.")
                .contains("Cable room: 25 mm behind the motherboard.")
                .doesNotContain("not on file");
    }

    /** Each figure moves the drawing and the words, and without it what it draws is gone. */
    @ParameterizedTest
    @CsvSource({
        "CASE, depth",
        "CASE, height",
        "CASE, width",
        "CASE, cardLength",
        "CASE, cardHeight",
        "CASE, coolerHeight",
        "CASE, supplyLength",
        "CASE, boardTop",
        "CASE, cableRoom",
        "CASE, shroud",
        "GRAPHICS_CARD, length",
        "GRAPHICS_CARD, height",
        "COOLER, height",
        "COOLER, width",
        "COOLER, depth",
        "MOTHERBOARD, socketTop",
        "MOTHERBOARD, socketRear",
        "POWER_SUPPLY, length",
        "POWER_SUPPLY, height",
        "CASE, cageLength",
        "CASE, cageHeight",
        "CASE, cageFront",
        "CASE, boardRear"
    })
    void aFigureMovesTheDrawingAndItsWords(Slot slot, String figure) {
        var part = TestEdition.part(measured(), slot);
        var held = (Integer) slot.kind().schema().write(part.spec()).get(figure);
        var before = of(measured());
        var moved = of(measured().with(slot, figure, held - 10));
        assertThat(geometry(moved)).isNotEqualTo(geometry(before));
        assertThat(words(moved)).isNotEqualTo(words(before));
        var without = of(measured().without(slot, figure));
        assertThat(geometry(without)).isNotEqualTo(geometry(before));
        // A usual value stands in for what the case has beside the card.
        assertThat(geometry(without).size() + (figure.equals("cardHeight") ? 0 : 1))
                .isLessThanOrEqualTo(geometry(before).size());
    }

    @Test
    void whatDoesNotFitIsAClashInColourAndWords() {
        var fit = of(measured().with(Slot.CASE, "fansIn", 2).with(Slot.CASE, "cardLength", 295));
        assertThat(words(fit))
                .contains("CLASH Graphics card: 304 mm long; the case takes 295 mm with front fans. 9 mm too long.");
        assertThat(fit.panels().get(0).boxes())
                .filteredOn(b -> b.sort() == FitDrawing.Box.Sort.CARD)
                .singleElement()
                .satisfies(b -> assertThat(b.verdict()).isEqualTo(Verdict.CLASH));
        assertThat(fit.panels().get(0).measures())
                .anySatisfy(m -> assertThat(m.said()).isEqualTo("9 mm too long"));
    }

    /** What the drawing says is free is what the check goes by: the front fans, a radiator, what nobody knows. */
    @Test
    void theRoomIsTheChecks() {
        var bare = measured().with(Slot.CASE, "cardLengthBasis", "bare").with(Slot.CASE, "fansIn", 2);
        assertThat(words(of(bare)))
                .contains("304 mm long; the case takes about 335 mm with what stands at the front. About 31 mm free.")
                .contains("Front fans: about 25 mm thick.");
        assertThat(boxes(of(bare), FitDrawing.Box.Sort.FANS)).singleElement().satisfies(b -> {
            assertThat(b.x()).isEqualTo(440 - 25);
            assertThat(b.width()).isEqualTo(25);
        });
        var unknown = of(measured()
                .with(Slot.CASE, "cardLengthBasis", "not stated")
                .with(Slot.CASE, "fansIn", 2)
                .with(Slot.CASE, "cardLength", 320));
        assertThat(words(unknown))
                .contains("NOT_KNOWN Graphics card: 304 mm long; ")
                .doesNotContain("takes 320");
        assertThat(unknown.panels().get(0).measures()).noneMatch(m -> m.fromX() == 304);
        var radiator = measured()
                .with(Slot.COOLER, "radiator", 240)
                .with(Slot.COOLER, "radiatorThickness", 52)
                .with(
                        Slot.CASE,
                        "radiators",
                        List.of(Map.of("place", "front", "sizes", List.of("240"), "thickness", 60)))
                .with(Slot.CASE, "cardLengthWithRadiator", 310);
        assertThat(words(of(radiator)))
                .contains("304 mm long; the case takes 310 mm behind the front radiator. 6 mm free.")
                .doesNotContain("front fans");
    }

    @Test
    void theMemoryStandsUnderTheCooler() {
        var fit = of(measured().with(Slot.MEMORY, "height", 44).with(Slot.COOLER, "fanRises", false));
        assertThat(words(fit)).contains("CLASH Memory: 44 mm high; the cooler leaves 40 mm. 4 mm too high.");
        assertThat(fit.panels().get(1).boxes())
                .filteredOn(b -> b.sort() == FitDrawing.Box.Sort.MEMORY)
                .singleElement()
                .satisfies(b -> assertThat(b.width()).isEqualTo(44));
        assertThat(boxes(fit, FitDrawing.Box.Sort.MEMORY))
                .singleElement()
                .satisfies(b -> assertThat(b.x()).isEqualTo(12 + 90 + 55));
        var raised = of(measured().with(Slot.MEMORY, "height", 44).with(Slot.COOLER, "fanRises", true));
        assertThat(words(raised))
                .contains("CPU cooler: 158 mm high with its front fan raised over the memory; the case takes 170 mm."
                        + " 12 mm free.");
        assertThat(boxes(of(measured().without(Slot.MEMORY, "height")), FitDrawing.Box.Sort.MEMORY))
                .hasSize(1);
    }

    @Test
    void aMissingFigureIsNamedAndItsPartNotDrawn() {
        var fit = of(measured().without(Slot.GRAPHICS_CARD, "length"));
        assertThat(fit.panels().get(0).boxes()).noneMatch(b -> b.sort() == FitDrawing.Box.Sort.CARD);
        assertThat(words(fit)).contains("Test graphics card: length is not on file.");
    }

    @Test
    void withoutTheCasesSizesNothingIsDrawnAndThatIsSaid() {
        var fit = of(measured().without(Slot.CASE, "depth"));
        assertThat(fit.panels().get(0).boxes()).isEmpty();
        assertThat(words(fit)).contains("Test case: depth is not on file.");
    }

    @Test
    void sizesThatContradictEachOtherAreToldAndNotDrawn() {
        var fit = of(measured().with(Slot.CASE, "cardLength", 900));
        assertThat(words(fit))
                .contains(
                        "CAUTION Case: Its figures contradict each other: graphics card clearance 900 mm, but it is only 440 mm deep.");
        assertThat(fit.panels().get(0).measures()).noneMatch(m -> m.toX() > 440);
    }

    @Test
    void aRadiatorStandsWhereItFits() {
        var liquid = measured()
                .with(Slot.COOLER, "radiator", 240)
                .with(Slot.COOLER, "radiatorThickness", 52)
                .with(Slot.CASE, "radiators", List.of(Map.of("place", "top", "sizes", List.of("240"), "thickness", 60)))
                .at(Slot.COOLER, "top");
        var fit = of(liquid);
        assertThat(fit.panels().get(0).boxes())
                .filteredOn(b -> b.sort() == FitDrawing.Box.Sort.RADIATOR)
                .singleElement()
                .satisfies(b -> {
                    assertThat(b.y()).isZero();
                    assertThat(b.height()).isEqualTo(52);
                });
        assertThat(words(fit)).contains("Radiator: 240 mm, 52 mm thick with its fans, at the top.");
        assertThat(drawn(fit)).doesNotContain(FitDrawing.Box.Sort.COOLER);
    }

    /** To scale by the M.2 standard, where the motherboard's figures put its slot. */
    @Test
    void anM2DriveLiesInItsSlot() {
        var fit = of(measured());
        assertThat(boxes(fit, FitDrawing.Box.Sort.DRIVE)).singleElement().satisfies(b -> {
            assertThat(List.of(b.x(), b.y(), b.width(), b.height())).isEqualTo(List.of(12 + 70, 30 + 146 - 11, 80, 22));
            assertThat(b.name()).isEqualTo("Test drive");
        });
        assertThat(words(fit))
                .contains("Drive: Test drive, 80 × 22 mm, in slot M2_1, its middle 146 mm below the motherboard's"
                        + " upper edge, 70 mm from its rear edge.");
        var moved = of(measured().with(Slot.MOTHERBOARD, "driveSlots", slots(156, 60)));
        assertThat(boxes(moved, FitDrawing.Box.Sort.DRIVE))
                .singleElement()
                .satisfies(b -> assertThat(List.of(b.x(), b.y())).isEqualTo(List.of(12 + 60, 30 + 156 - 11)));
        assertThat(words(moved)).contains("its middle 156 mm below").contains("60 mm from its rear edge");
    }

    /** A place that is not on file, or is beside the motherboard, is none. */
    @ParameterizedTest
    @CsvSource({"5, 70", "240, 70", "146, 180"})
    void aDriveWithoutAPlaceOnTheMotherboardIsNamedAndNotDrawn(int top, int rear) {
        var fit = of(measured().with(Slot.MOTHERBOARD, "driveSlots", slots(top, rear)));
        assertThat(boxes(fit, FitDrawing.Box.Sort.DRIVE)).isEmpty();
        assertThat(words(fit)).contains("Test drive: place of slot M2_1 on the motherboard is not on file.");
        var unknown = List.of(Map.of("name", "M2_1", "protocols", List.of("NVMe"), "longest", 80));
        assertThat(words(of(measured().with(Slot.MOTHERBOARD, "driveSlots", unknown))))
                .contains("Test drive: place of slot M2_1 on the motherboard is not on file.");
    }

    @Test
    void otherDrivesStandInTheCage() {
        var build = measured().adding(Slot.SECOND_DRIVE, "shape", "3.5 inch", "type", "hard disk", "protocol", "SATA");
        var fit = of(build);
        assertThat(boxes(fit, FitDrawing.Box.Sort.CAGE)).singleElement().satisfies(b -> {
            assertThat(List.of(b.x(), b.y(), b.width(), b.height()))
                    .isEqualTo(List.of(440 - 30 - 115, 470 - 85, 115, 85));
            assertThat(b.detail()).isEqualTo("1 drive in it");
        });
        assertThat(words(fit))
                .contains("Drive cage: 115 mm long, 85 mm high, 30 mm behind the front; it holds Test drive.");
        var without = of(build.without(Slot.CASE, "cageFront"));
        assertThat(boxes(without, FitDrawing.Box.Sort.CAGE)).isEmpty();
        assertThat(words(without)).contains("Test drive: place of the drive cage in Test case is not on file.");
    }

    @Test
    void aCageThatIsNoRoomInItsCaseIsToldAndNotDrawn() {
        var fit = of(measured().with(Slot.CASE, "cageLength", 420));
        assertThat(boxes(fit, FitDrawing.Box.Sort.CAGE)).isEmpty();
        assertThat(words(fit))
                .contains(
                        "Its figures contradict each other: drive cage with the room before it 450 mm, but it is only 440 mm deep.");
    }

    @Test
    void withoutACaseThereIsNothingToLookInto() {
        assertThat(of(measured().choosing(Slot.CASE, new Choice.Empty()))).isEqualTo(FitDrawing.none());
    }
}

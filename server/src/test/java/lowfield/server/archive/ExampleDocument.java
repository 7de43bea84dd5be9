package lowfield.server.archive;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.check.Verdict;
import lowfield.core.fit.FitDrawing;
import lowfield.core.guide.Band;
import lowfield.core.money.Money;
import lowfield.core.press.Cell;
import lowfield.core.press.Publication;
import lowfield.core.press.PublishedAdvice;
import lowfield.core.press.PublishedAvoided;
import lowfield.core.press.PublishedCurve;
import lowfield.core.press.PublishedEither;
import lowfield.core.press.PublishedOwn;
import lowfield.core.press.PublishedShare;
import lowfield.core.press.PublishedTexts;
import lowfield.core.press.PublishedWorth;

/** A document with everything in it that a document can say. */
class ExampleDocument {
    private static final Instant SEEN = Instant.parse("2026-12-03T06:00:00Z");

    static Money yen(long sum) {
        return Money.of(sum, "JPY");
    }

    static UUID id(String name) {
        return UUID.nameUUIDFromBytes(name.getBytes());
    }

    /** A document with every form of cell and band in it, with what may be absent and without. */
    static Publication everything() {
        var estimated = new Cell.Estimated(yen(900), yen(1000), yen(1100), Optional.of("the old one times 1.1"));
        var option = new Publication.Option(
                "Vane Six",
                true,
                new Cell.Withheld(),
                new Cell.Withheld(),
                "Quieter.",
                List.of("Needs a longer case."),
                new PublishedWorth(
                        "quieter",
                        new Cell.Exact(yen(98_000)),
                        Optional.of(new Publication.Source("Pier Nine", "new", SEEN, "https://pier.example/7")),
                        List.of("12 GB instead of 8 GB"),
                        List.of("300 W instead of 200 W"),
                        "Bosun costs 900 less and has 16 GB."));
        var table = new Publication.Table(
                List.of("Vane Five", "Vane Six"),
                List.of(new Publication.Row("length", List.of("240 mm", ""), List.of(0))),
                new PublishedTexts("Short or quick?", ""));
        var full = new Publication.Line(
                id("card"),
                "Graphics card",
                "part:" + id("part"),
                "Vane Five",
                "240 mm",
                List.of("Vane Five", "Vane Six"),
                1,
                true,
                new Cell.Withheld(),
                Optional.of(new Publication.Source("Pier Nine", "new", SEEN, "https://pier.example/5")),
                Optional.of(yen(40_000)),
                "**Quiet** é \u2028 \"so\"",
                Optional.of("Vane Four"),
                new Cell.Exact(yen(-120)),
                List.of(option),
                List.of(option),
                Optional.of(table),
                Optional.of(new Publication.Picture(id("drawing"), "The card from its fans' side", 480, 320)),
                Optional.of(new PublishedEither(
                        "Basalt Five",
                        new Cell.Exact(yen(41_000)),
                        new Cell.Exact(yen(91_000)),
                        Optional.empty(),
                        "Take the cheaper.")),
                "4.5 of 5 (12)",
                new PublishedOwn("We have built with it.", List.of("The maker gave it to us.")),
                Optional.of(84));
        var bare = new Publication.Line(
                id("case"),
                "Case",
                "None",
                "deliberately none",
                "",
                List.of(),
                1,
                false,
                estimated,
                Optional.empty(),
                Optional.empty(),
                "",
                Optional.empty(),
                new Cell.NotKnown(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "",
                PublishedOwn.NONE,
                Optional.empty());
        var included = new Publication.Line(
                id("memory"),
                "Memory",
                "part:" + id("memory part"),
                "Slate",
                "",
                List.of(),
                1,
                true,
                new Cell.Included(Optional.of(yen(-500))),
                Optional.empty(),
                Optional.empty(),
                "",
                Optional.empty(),
                new Cell.NotKnown(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                "",
                PublishedOwn.NONE,
                Optional.empty());
        var build = new Publication.Build(
                id("main"),
                "",
                new Cell.Rounded(yen(90_000)),
                new Cell.Rounded(yen(89_000)),
                new Cell.Exact(yen(0)),
                new Cell.Rounded(yen(90_000)),
                new Cell.Rounded(yen(300)),
                new Cell.NotKnown(),
                List.of(new Publication.RegionTotal("The Skerries", "EUR", 54_321, "1 JPY = 0.006 EUR")),
                List.of(new Publication.Charge("Pier Nine", new Cell.Withheld())),
                List.of(new Publication.Adjustment("Friends of the harbour", yen(-1_000))),
                List.of(new Publication.PackagePrice(
                        "Harbour machine",
                        new Cell.Exact(yen(60_000)),
                        Optional.of(new Cell.Exact(yen(57_000))),
                        List.of(id("memory"), id("case")),
                        new Publication.Source("Pier Nine", "new", SEEN, Publication.Source.NO_PAGE))),
                Optional.of(
                        new Publication.Tax(85, new Cell.Rounded(yen(7_650)), new Cell.Rounded(yen(97_650)), false)),
                Optional.of(266),
                List.of(full, bare, included),
                List.of(new Publication.SoldTogether(
                        "Pier Nine", List.of("Vane Five"), yen(5), yen(1), SEEN, "https://pier.example/6")),
                List.of("Mind the length."),
                List.of("Switch the profile on."),
                Optional.of(new Publication.Picture(id("photo"), "The build with its side open", 480, 360)),
                new PublishedTexts("Our *quietest* yet.", "Take it."),
                new FitDrawing(
                        List.of(new FitDrawing.Panel(
                                "From the open side",
                                440,
                                470,
                                List.of(new FitDrawing.Box(
                                        FitDrawing.Box.Sort.CARD,
                                        "Vane Five",
                                        "240 mm long",
                                        0,
                                        196,
                                        240,
                                        42,
                                        Verdict.FITS)),
                                List.of(new FitDrawing.Measure(240, 254, 360, 254, "120 mm free", Verdict.FITS)),
                                List.of(new FitDrawing.Absent("Slate: height is not on file.")))),
                        List.of(new FitDrawing.Sentence(Verdict.CLASH, "PSU", "9 mm too long.")),
                        List.of(new FitDrawing.Sentence(Verdict.FITS, "Case", "440 mm deep."))),
                List.of(new PublishedShare("Graphics card", 444)),
                Optional.of(yen(30_000)),
                "About 200 kWh a year.",
                new PublishedOwn("Built and tested.", List.of()));
        var empty = new Publication.Build(
                id("other"),
                "the quiet one",
                estimated,
                estimated,
                new Cell.NotKnown(),
                new Cell.NotKnown(),
                new Cell.NotKnown(),
                new Cell.NotKnown(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                List.of(),
                List.of(),
                List.of(),
                List.of(),
                Optional.empty(),
                PublishedTexts.NONE,
                FitDrawing.none(),
                List.of(),
                Optional.empty(),
                "",
                PublishedOwn.NONE);
        return new Publication(
                Publication.FORMAT,
                new Publication.Guide(
                        "guide", "A Guide", "Skerries", ZoneId.of("CET"), Money.currencyOf("JPY"), "en-150", ""),
                7,
                LocalDate.of(2026, 12, 1),
                SEEN,
                Optional.of(new Publication.Span(SEEN, SEEN)),
                List.of(
                        tier("Mate", new Band.FromTo(yen(80_000), yen(95_000)), build, empty),
                        tier("Bosun", new Band.Point(yen(120_000), 20), build),
                        tier("Captain", new Band.None(), empty)),
                List.of(new Publication.Chart(
                        "Graphics cards",
                        true,
                        List.of(new PublishedCurve(
                                "index",
                                List.of(
                                        new PublishedCurve.Dot(LocalDate.of(2026, 11, 1), 1000),
                                        new PublishedCurve.Dot(LocalDate.of(2026, 12, 1), 1034)))))),
                new PublishedTexts("The market this month.", "Which of them we would take."),
                List.of(new PublishedAvoided("Slate Old", "It changed its cells.")));
    }

    static Publication.Tier tier(String name, Band band, Publication.Build... builds) {
        return new Publication.Tier(
                id(name),
                name,
                "all",
                "much",
                band,
                true,
                builds.length > 1,
                List.of(builds),
                new PublishedTexts("For most.", ""),
                "Mate is 100 more than Bosun.",
                List.of(new PublishedAdvice(
                        yen(5_000),
                        List.of("Vane Six instead of Vane Five"),
                        new Cell.Exact(yen(4_800)),
                        List.of("12 GB instead of 8 GB"),
                        List.of("220 W instead of 160 W"))));
    }
}

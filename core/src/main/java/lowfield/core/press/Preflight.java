package lowfield.core.press;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.UUID;
import lowfield.core.Fingerprint;
import lowfield.core.check.Verdict;
import lowfield.core.guide.Choice;
import lowfield.core.total.BandState;

/** The gates of an edition, each with what stands against it. */
public record Preflight(List<Result> results) {
    /**
     * One thing to mend, and where.
     *
     * @param key what it is, as stored: never the sentence, so that rewording drops no exception
     */
    public record Problem(UUID build, List<UUID> lines, String sentence, String key) {}

    /** A gate; it holds when there is no problem. */
    public record Result(Gate gate, List<Problem> problems) {
        public boolean holds() {
            return problems.isEmpty();
        }

        /**
         * Changes when the problems do, so that an exception made for these does not cover others: SHA-256 over their
         * canonical text, in hexadecimal.
         */
        public String fingerprint() {
            return Fingerprint.of(
                    problems.stream().map(p -> p.build() + " " + p.key()).toList());
        }

        /** What was stored for these problems before fingerprints were canonical. */
        public String formerFingerprint() {
            return Integer.toHexString(problems.stream()
                    .map(p -> List.of(p.build(), p.sentence()))
                    .toList()
                    .hashCode());
        }
    }

    /** Of all builds, with the age in days beyond which a price is old for publishing. */
    public static Preflight of(List<Sheet> sheets, Instant now, int oldAfterDays) {
        return new Preflight(Arrays.stream(Gate.values())
                .map(gate -> new Result(
                        gate,
                        sheets.stream()
                                .flatMap(s -> problems(gate, s, now, oldAfterDays).stream())
                                .toList()))
                .toList());
    }

    private static List<Problem> problems(Gate gate, Sheet sheet, Instant now, int oldAfterDays) {
        return switch (gate) {
            case SLOTS -> findings(sheet, Verdict.CLASH, true);
            case CLASHES -> findings(sheet, Verdict.CLASH, false);
            case FIGURES -> findings(sheet, Verdict.NOT_KNOWN, false);
            case BAND -> band(sheet);
            case REASONS -> reasons(sheet);
            case PRICES -> prices(sheet, now, oldAfterDays);
            case OPTIONS -> options(sheet);
        };
    }

    private static List<Problem> findings(Sheet sheet, Verdict verdict, boolean emptySlots) {
        return sheet.findings().stream()
                .filter(f -> f.verdict() == verdict && f.check().decisive())
                .filter(f -> f.check().id().equals("slot-empty") == emptySlots)
                .map(f -> new Problem(sheet.build(), f.lines(), sheet.name() + ": " + f.evidence(), f.fingerprint()))
                .toList();
    }

    private static List<Problem> band(Sheet sheet) {
        var state = sheet.band();
        if (state instanceof BandState.Over over) {
            return List.of(whole(sheet, over.by() + " over its band", "over " + over.by()));
        }
        if (state instanceof BandState.Under under) {
            return List.of(whole(sheet, under.by() + " under its band", "under " + under.by()));
        }
        if (state instanceof BandState.Ranging ranging) {
            return List.of(whole(sheet, "the total is an estimate, " + ranging.said(), "ranging"));
        }
        return state instanceof BandState.NotKnown
                ? List.of(whole(sheet, "the total is not known: " + String.join("; ", sheet.blame()), "not known"))
                : List.of();
    }

    private static List<Problem> reasons(Sheet sheet) {
        var problems = new ArrayList<Problem>();
        for (var entry : sheet.entries()) {
            var choice = entry.line().choice();
            var speaksForItself = choice instanceof Choice.None || choice instanceof Choice.Owned;
            if (entry.reason().isStale(choice)) {
                problems.add(at(sheet, entry, "the reason was written for another choice", "stale"));
            } else if (!entry.reason().isWritten() && entry.line().counted() && !speaksForItself) {
                problems.add(at(sheet, entry, "no reason is written", "no reason"));
            }
        }
        return problems;
    }

    private static List<Problem> prices(Sheet sheet, Instant now, int oldAfterDays) {
        var problems = new ArrayList<Problem>();
        for (var entry : sheet.entries()) {
            if (!entry.whyNoPrice().isEmpty()) {
                problems.add(at(sheet, entry, "no price (" + entry.whyNoPrice() + ")", "no price"));
            }
            entry.priceSeen()
                    .map(seen -> Duration.between(seen, now).toDays())
                    .filter(days -> days > oldAfterDays)
                    .ifPresent(
                            days -> problems.add(at(sheet, entry, "the price is " + days + " days old", "old price")));
        }
        return problems;
    }

    private static List<Problem> options(Sheet sheet) {
        return sheet.entries().stream()
                .flatMap(e ->
                        e.optionsWithoutPrice().stream().map(o -> at(sheet, e, o + " has no price", "option " + o)))
                .toList();
    }

    private static Problem whole(Sheet sheet, String what, String key) {
        return new Problem(sheet.build(), List.of(), sheet.name() + ": " + what, key);
    }

    private static Problem at(Sheet sheet, Sheet.Entry entry, String what, String key) {
        var line = entry.line();
        return new Problem(
                sheet.build(),
                List.of(line.id()),
                sheet.name() + ", " + line.slot().label() + ": " + what,
                line.id() + " " + line.choice().key() + " " + key);
    }
}

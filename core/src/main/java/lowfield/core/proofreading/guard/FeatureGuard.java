package lowfield.core.proofreading.guard;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.regex.Pattern;
import lowfield.core.part.Kind;
import lowfield.core.part.Part;
import lowfield.core.proofreading.ProofContext;
import lowfield.core.proofreading.Slip;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.Stretch;
import lowfield.core.proofreading.mentions.Mention;

/** Finds what a text says a part has and it does not: Wi-Fi, front USB-C, ECC, modular cables. */
final class FeatureGuard {
    /** Words by which a clause speaks of what is not there, of something else, or of what could be. */
    private static final Pattern NOT_SAID = Pattern.compile(
            "(?i)\\b(?:no|not|without|lacks?|lacking|missing|never|neither|nor|cannot|\\w+n['’]t|instead|unlike|rather|if|unless"
                    + "|would|could|should|might|may|add|adds|adding|needs?|wants?|buy|separate|separately|extra|adapter|dongle"
                    + "|other|others|than|where|whether|optional|skips?|drops?|omits?|gives? up|loses?|future|later)\\b|\\?");

    /** @param lacks whether a known value says that the part does not have it */
    private record Feature(Kind kind, String field, String called, Pattern words, Predicate<Object> lacks) {
        private static Feature of(Kind kind, String field, String called, String words) {
            return new Feature(kind, field, called, pattern(words), value -> Boolean.FALSE.equals(value));
        }

        private static Pattern pattern(String words) {
            return Pattern.compile("(?i)(?<![\\p{L}-])(?:" + words + ")(?![\\p{L}])");
        }

        boolean isLackedBy(Part part) {
            return part.kind() == kind && held(part).filter(lacks).isPresent();
        }

        private Optional<?> held(Part part) {
            var schema = part.kind().schema();
            return schema.figureOf(part.spec(), schema.field(field).orElseThrow())
                    .value();
        }
    }

    private static final List<Feature> FEATURES = List.of(
            Feature.of(Kind.MOTHERBOARD, "radio", "Wi-Fi", "wi-?fi"),
            Feature.of(Kind.MOTHERBOARD, "frontUsbC", "front USB-C header", "usb-c header"),
            new Feature(
                    Kind.MOTHERBOARD,
                    "rearPorts",
                    "rear USB-C",
                    Feature.pattern("rear usb-c|usb-c at the (?:back|rear)"),
                    value -> ((Set<?>) value)
                            .stream().noneMatch(p -> p.toString().contains("USB-C"))),
            Feature.of(Kind.MOTHERBOARD, "corrects", "ECC support", "ecc"),
            Feature.of(Kind.MOTHERBOARD, "overclocks", "overclocking", "overclock(?:s|ing)?"),
            Feature.of(
                    Kind.MOTHERBOARD,
                    "flashes",
                    "BIOS update without a CPU",
                    "(?:flash|updat)\\w* (?:its bios |the bios )?without a cpu"),
            Feature.of(Kind.CASE, "frontUsbC", "front USB-C", "usb-c"),
            Feature.of(Kind.CASE, "window", "tempered glass", "tempered glass|glass (?:side|panel)"),
            Feature.of(Kind.CASE, "vented", "mesh front", "mesh front"),
            Feature.of(Kind.MEMORY, "corrects", "ECC", "ecc"),
            Feature.of(Kind.MEMORY, "lit", "RGB lighting", "rgb(?: lighting)?"),
            Feature.of(Kind.PROCESSOR, "corrects", "ECC support", "ecc"),
            Feature.of(Kind.PROCESSOR, "graphics", "integrated graphics", "integrated graphics"),
            Feature.of(Kind.PROCESSOR, "unlocked", "unlocked multiplier", "unlocked"),
            Feature.of(Kind.PROCESSOR, "coolerInBox", "boxed cooler", "boxed cooler|cooler in the box"),
            Feature.of(Kind.COOLER, "paste", "thermal paste in the box", "paste (?:is )?(?:included|in the box)"),
            Feature.of(Kind.DRIVE, "dramCache", "DRAM cache", "dram cache"),
            Feature.of(Kind.DRIVE, "heatsink", "heatsink", "heatsink"),
            Feature.of(Kind.GRAPHICS_CARD, "sixteenPin", "12V-2x6 plug", "12v-2x6(?: plug| connector)?"),
            new Feature(
                    Kind.POWER_SUPPLY,
                    "cables",
                    "modular cables",
                    Feature.pattern("(?:fully |semi-)?modular"),
                    value -> value.equals("fixed")),
            Feature.of(Kind.NETWORK, "bluetooth", "Bluetooth", "bluetooth"),
            Feature.of(Kind.KEYBOARD, "wireless", "wireless connection", "wireless"),
            Feature.of(Kind.MOUSE, "wireless", "wireless connection", "wireless"),
            Feature.of(Kind.HEADSET, "wireless", "wireless connection", "wireless"));

    private final ProofContext context;

    FeatureGuard(ProofContext context) {
        this.context = context;
    }

    List<Slip> slips(String text, Stretch sentence, List<Mention> named) {
        var all = new ArrayList<Slip>();
        for (var clause : sentence.clauses(text)) {
            var words = clause.of(text);
            if (NOT_SAID.matcher(words).find()) {
                continue;
            }
            for (var feature : FEATURES) {
                var found = feature.words().matcher(words);
                if (found.find()) {
                    var start = clause.start() + found.start();
                    subject(feature, named)
                            .filter(s -> feature.isLackedBy(s.part()))
                            .ifPresent(
                                    s -> all.add(slip(start, clause.start() + found.end(), found.group(), feature, s)));
                }
            }
        }
        return all;
    }

    /** The one part of its kind that the sentence speaks of: one that it names, else the choice where it names none. */
    private Optional<Subject> subject(Feature feature, List<Mention> named) {
        var meant = named.stream()
                .filter(m -> m.sort() != Mention.Sort.ANY_OF_KIND)
                .flatMap(m -> m.subjects().stream().filter(s -> s.part().kind() == feature.kind()))
                .distinct()
                .toList();
        if (meant.size() == 1) {
            return Optional.of(meant.get(0)).filter(s -> s.role() != Subject.Role.LAST);
        }
        return meant.isEmpty() && named.stream().allMatch(m -> m.sort() == Mention.Sort.ANY_OF_KIND)
                ? context.choice().filter(c -> c.part().kind() == feature.kind())
                : Optional.empty();
    }

    private static Slip slip(int start, int end, String written, Feature feature, Subject subject) {
        return new Slip(
                start,
                end,
                written,
                feature.called(),
                Optional.empty(),
                Optional.empty(),
                "%s: %s has none.".formatted(feature.called(), subject.name()),
                true);
    }
}

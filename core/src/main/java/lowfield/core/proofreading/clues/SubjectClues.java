package lowfield.core.proofreading.clues;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import lowfield.core.proofreading.KnownFigure;
import lowfield.core.proofreading.Subject;
import lowfield.core.proofreading.figures.WrittenFigure;
import lowfield.core.proofreading.mentions.Mention;

/**
 * What a passage shows of whether a figure is about a part: where it is named, before or behind, in the clause, the sentence or
 * the text; what stands there instead; which pronoun came since; and whether the figures beside it are that part's.
 */
final class SubjectClues {
    private static final Pattern PRONOUN =
            Pattern.compile("(?<![\\p{L}])(it|its|they|their|this|that|which|whose|our|ours|both)(?![\\p{L}])");

    /** The word before a name, but for an article. */
    private static final Pattern LAST_WORD = Pattern.compile("([\\p{L}'’]+|[,;:.])\\s+(?:the |an? |our |its )?$");

    private static final int NEAR = 30;

    private final Passage passage;
    private final Spoken spoken;
    private final NamedParts named;
    private final Owners owners;
    private final Optional<Mention> lastOfClause;
    private final Optional<Mention> lastOfSentence;
    private final Optional<Mention> firstOfSentence;
    private final Optional<Mention> firstBehind;
    private final String pronoun;
    private final Map<About, List<String>> seen = new HashMap<>();

    /** Where the text names a part in the clause and in the sentence, and whether it spoke of it before. */
    private record Place(String inClause, String inSentence, String before) {}

    /** A part can be meant by several of its figures. */
    private record About(Subject subject, Link link, KnownFigure.Use use) {}

    SubjectClues(Passage passage, Spoken spoken, NamedParts named, Owners owners) {
        this.passage = passage;
        this.spoken = spoken;
        this.named = named;
        this.owners = owners;
        var figure = passage.figure();
        lastOfClause = before(passage.inClause(), figure).reduce((a, b) -> b);
        lastOfSentence = before(passage.mentions(), figure).reduce((a, b) -> b);
        firstOfSentence = before(passage.mentions(), figure).findFirst();
        firstBehind = passage.mentions().stream()
                .filter(m -> m.start() >= figure.end())
                .findFirst();
        pronoun = pronoun(passage.sinceLast(lastOfClause));
    }

    private static Stream<Mention> before(List<Mention> mentions, WrittenFigure figure) {
        return mentions.stream().filter(m -> m.end() <= figure.start());
    }

    private static String pronoun(String words) {
        var last = "none";
        for (var found = PRONOUN.matcher(words); found.find(); ) {
            last = found.group(1);
        }
        return last;
    }

    /** @param link how the text ties the figure to the part */
    List<String> of(Subject subject, Link link, KnownFigure.Use use) {
        return seen.computeIfAbsent(new About(subject, link, use), this::clues);
    }

    private List<String> clues(About about) {
        var subject = about.subject();
        var link = about.link();
        var use = about.use();
        var name = UseClues.name(use) + " ";
        var all = new ArrayList<String>();
        var place = new Place(
                seen("clause", lastOfClause, subject, passage.clause().start()),
                seen("sentence", lastOfSentence, subject, passage.sentence().start()),
                spoken(subject));
        addPlaces(all, name, subject, place);
        all.add(name + subject.role() + " " + pronoun + (lastOfSentence.isEmpty() ? ", nothing named" : ""));
        all.add(name + "is " + subject.role());
        all.add(name + link);
        all.add(name + subject.role() + " " + link);
        addTogether(all, use == KnownFigure.Use.OWN ? name + subject.role() + " " : name, subject, place);
        addCompany(all, name, subject);
        return all;
    }

    /** Where it is named and what stands there instead: each alone, for its role, and with the pronoun since. */
    private void addPlaces(List<String> all, String name, Subject subject, Place at) {
        var places = new ArrayList<>(List.of(
                at.inClause(),
                at.inSentence(),
                seen("first", firstOfSentence, subject, passage.sentence().start()),
                seen("behind", firstBehind, subject, passage.sentence().start()),
                led("clause", lastOfClause, subject),
                led("behind", firstBehind, subject),
                at.before()));
        addNamed(places, subject);
        for (var place : places) {
            all.add(name + place);
            all.add(name + subject.role() + " " + place);
            all.add(name + place + ", " + pronoun);
        }
    }

    /** What tells more together than apart. */
    private void addTogether(List<String> all, String who, Subject subject, Place at) {
        var inClause = who + at.inClause() + ", ";
        all.add(inClause + at.inSentence());
        all.add(inClause + at.before());
        all.add(inClause + at.inSentence() + ", " + at.before());
        all.add(inClause + at.before() + ", " + pronoun);
        all.add(who + (named.isNamed(subject) ? "named" : "not named"));
    }

    private void addNamed(List<String> places, Subject subject) {
        if (named.isNamedBefore(subject, passage.sentence())) {
            places.add("named earlier");
        }
        if (named.isNamedAfter(subject, passage.sentence())) {
            places.add("named later");
        }
        if (!named.isNamed(subject)) {
            places.add("never named");
        }
        var figure = passage.figure();
        names(subject).filter(m -> m.end() <= figure.start()).findAny().ifPresent(m -> places.add("named before"));
        names(subject).filter(m -> m.start() >= figure.end()).findAny().ifPresent(m -> places.add("named behind"));
    }

    private Stream<Mention> names(Subject subject) {
        return passage.mentions().stream()
                .filter(m -> m.sort() == Mention.Sort.NAME && m.subjects().contains(subject));
    }

    private String seen(String where, Optional<Mention> mention, Subject subject, int from) {
        return mention.map(m -> where + " " + whose(m, subject) + " " + m.sort() + " " + standing(m, from))
                .orElse(where + " empty");
    }

    private static String whose(Mention mention, Subject subject) {
        return !mention.subjects().contains(subject)
                ? "another"
                : mention.subjects().size() > 1 ? "one of them" : "this";
    }

    /** By which word a mention is led in: "with the Twin", "than the Twin". */
    private String led(String where, Optional<Mention> mention, Subject subject) {
        return mention.map(m -> where + " " + whose(m, subject) + " after " + wordBefore(m.start()))
                .orElse(where + " after nothing");
    }

    private String wordBefore(int start) {
        var found = LAST_WORD.matcher(
                passage.text().substring(Math.max(0, start - NEAR), start).toLowerCase(Locale.ROOT));
        return found.find() ? found.group(1) : "^";
    }

    private String standing(Mention mention, int from) {
        return Standing.isCompared(passage.text(), from, mention)
                ? "compared"
                : Standing.isOblique(passage.text(), from, mention) ? "oblique" : "plain";
    }

    /** What the sentences before were about. */
    private String spoken(Subject subject) {
        return spoken.mention()
                .map(m -> !m.subjects().contains(subject)
                        ? "spoken of another"
                        : "spoken of " + m.sort() + (spoken.isLead() ? " leading" : "")
                                + (spoken.isCompared() ? " compared" : ""))
                .orElse("spoken of none");
    }

    /** Figures that stand together are mostly one part's. */
    private void addCompany(List<String> all, String name, Subject subject) {
        var others = passage.figures().stream()
                .filter(f -> f.start() != passage.figure().start())
                .toList();
        var own = others.stream().filter(f -> owners.owns(subject, f)).toList();
        var isInClause = own.stream().anyMatch(f -> passage.clause().holds(f.start()));
        var foreign = others.size() - own.size();
        all.add(name + "beside own " + Math.min(2, own.size()));
        all.add(name + "beside foreign " + Math.min(2, foreign));
        all.add(name + "beside in clause " + isInClause);
        all.add(name + subject.role() + " beside own " + Math.min(1, own.size()) + " foreign " + Math.min(1, foreign));
    }
}

package lowfield.server.edition;

import com.fasterxml.jackson.annotation.JsonInclude;
import java.time.Instant;
import java.util.Currency;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import lowfield.core.RuleBroken;
import lowfield.core.guide.Choice;
import lowfield.core.guide.Slot;
import lowfield.core.money.Money;
import lowfield.core.part.Part;
import lowfield.server.catalogue.Catalogue;
import org.jspecify.annotations.Nullable;

/** A choice as it is stored and sent; {@code part} for a part, {@code parts} in order of preference with a tolerance for a vetted set, {@code name}, {@code priceMinor} and whether it is {@code available} today for a free-hand one, {@code seenAt} when the price was typed or confirmed last, {@code what} for the others. What is owned or free-hand names as its {@code part} the one whose figures it has. */
public record ChoiceState(
        Type type,
        @Nullable UUID part,
        @Nullable String name,
        @Nullable Long priceMinor,
        @Nullable String currency,
        @Nullable String what,
        @Nullable List<UUID> parts,
        @Nullable Long toleranceMinor,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Boolean available,
        @JsonInclude(JsonInclude.Include.NON_NULL) @Nullable Instant seenAt) {
    /** One whose price has no date of its own. */
    public ChoiceState(
            Type type,
            @Nullable UUID part,
            @Nullable String name,
            @Nullable Long priceMinor,
            @Nullable String currency,
            @Nullable String what,
            @Nullable List<UUID> parts,
            @Nullable Long toleranceMinor,
            @Nullable Boolean available) {
        this(type, part, name, priceMinor, currency, what, parts, toleranceMinor, available, null);
    }

    /** The forms of a choice. */
    public enum Type {
        EMPTY,
        PART,
        SET,
        FREE_HAND,
        IN_THE_BOX,
        ON_THE_BOARD,
        OWNED,
        NONE
    }

    public static ChoiceState empty() {
        return new ChoiceState(Type.EMPTY, null, null, null, null, null, null, null, null);
    }

    public static ChoiceState part(UUID id) {
        return new ChoiceState(Type.PART, id, null, null, null, null, null, null, null);
    }

    /** The same with its price seen at a moment. */
    public ChoiceState seen(@Nullable Instant at) {
        return new ChoiceState(type, part, name, priceMinor, currency, what, parts, toleranceMinor, available, at);
    }

    /** The same, where the price of an unlisted part is dated: as before where it is the same price, else now. */
    public ChoiceState dated(ChoiceState before, Instant now) {
        if (type != Type.FREE_HAND) {
            return this;
        }
        var isSame = before.type == Type.FREE_HAND && Objects.equals(before.priceMinor, priceMinor);
        return seen(isSame ? before.seenAt : now);
    }

    /** The choice in core's terms; what is wrong with it is told. */
    public Choice choice(Catalogue catalogue, Currency home) {
        return switch (type) {
            case EMPTY -> new Choice.Empty();
            case NONE -> new Choice.None();
            case IN_THE_BOX -> new Choice.InTheBox(words());
            case ON_THE_BOARD -> new Choice.OnTheBoard(words());
            case OWNED -> new Choice.Owned(words(), like(catalogue));
            case FREE_HAND -> freeHand(catalogue, home);
            case SET -> set(catalogue, home);
            case PART -> {
                RuleBroken.unless(part != null, "A part is chosen by its id, and none was given.");
                yield new Choice.Chosen(catalogue.part(part));
            }
        };
    }

    /** The same, refusing a part of another kind than the slot's. */
    public Choice choiceFor(Slot slot, Catalogue catalogue, Currency home) {
        return choice(catalogue, home).fitting(slot);
    }

    /** Prices decide the winner later; until then the most preferred stands for the set. */
    private Choice set(Catalogue catalogue, Currency home) {
        var ids = Optional.ofNullable(parts).orElse(List.of());
        RuleBroken.unless(
                ids.size() >= 2 && ids.size() <= Choice.VettedSet.MOST,
                "Any of these: name 2 to %d parts, not %d.",
                Choice.VettedSet.MOST,
                ids.size());
        var tolerance = Optional.ofNullable(toleranceMinor).orElse(0L);
        RuleBroken.unless(tolerance >= 0, "A set's tolerance is zero or more; check the figure.");
        return Choice.VettedSet.of(
                ids.stream().map(catalogue::part).toList(), Money.typed(tolerance, home), p -> Optional.empty());
    }

    private Choice freeHand(Catalogue catalogue, Currency home) {
        RuleBroken.unless(priceMinor != null, "An unlisted part needs a price; type one, zero if it costs nothing.");
        RuleBroken.unless(
                currency == null || currency.equals(home.getCurrencyCode()),
                "The price is in %s; this guide counts in %s. Convert it first.",
                currency,
                home.getCurrencyCode());
        return new Choice.FreeHand(
                Optional.ofNullable(name).orElse(""),
                Money.typed(priceMinor, home),
                Boolean.TRUE.equals(available),
                like(catalogue),
                Optional.ofNullable(seenAt));
    }

    private Optional<Part> like(Catalogue catalogue) {
        return Optional.ofNullable(part).map(catalogue::part);
    }

    private String words() {
        var words = Optional.ofNullable(what).orElse("").strip();
        RuleBroken.unless(words.length() <= 160, "A note on a choice takes at most 160 letters.");
        return words;
    }
}

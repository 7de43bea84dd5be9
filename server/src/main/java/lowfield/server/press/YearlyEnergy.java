package lowfield.server.press;

import java.util.Locale;
import java.util.Optional;
import lowfield.core.edition.EvaluatedBuild;
import lowfield.core.power.Draw;
import lowfield.server.guide.EnergyForm;
import lowfield.server.guide.GuideInfo;

/** What a year of a build takes from the wall, in a sentence for readers. */
final class YearlyEnergy {
    private YearlyEnergy() {}

    /** Empty where the guide tells no hours, or the draw or the supply is not known. */
    static String of(GuideInfo guide, EvaluatedBuild build) {
        return Optional.ofNullable(guide.energy())
                .flatMap(e -> Draw.of(build.build(), build.peak())
                        .year(e.gamingHours(), e.idleHours())
                        .map(y -> said(e, y, guide)))
                .orElse("");
    }

    private static String said(EnergyForm energy, Draw.Year year, GuideInfo guide) {
        var unit = Math.pow(10, Math.max(0, guide.money().getDefaultFractionDigits()));
        var cost = Math.round(year.kilowattHours() * energy.tariffHundredths() / 100.0 / unit);
        return String.format(
                Locale.ROOT,
                "About %d kWh a year from the wall, at %s hours of play and %s of idling a day%s.",
                year.kilowattHours(),
                hours(energy.gamingHours()),
                hours(energy.idleHours()),
                energy.tariffHundredths() == 0 ? "" : ": about %d %s".formatted(cost, guide.money()));
    }

    private static String hours(double hours) {
        return hours == Math.rint(hours) ? String.valueOf((int) hours) : String.valueOf(hours);
    }
}

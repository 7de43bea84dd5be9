package lowfield.server.guide;

import lowfield.core.RuleBroken;

/**
 * By what a guide tells the yearly cost of a build's energy: hours of play and of idling a day, and the price of a
 * kilowatt-hour in hundredths of a minor unit of the home currency (0.28 euro are 2,800).
 */
public record EnergyForm(double gamingHours, double idleHours, int tariffHundredths) {
    public EnergyForm {
        RuleBroken.unless(
                gamingHours >= 0 && idleHours >= 0 && gamingHours + idleHours <= 24,
                "Hours of play and idling are zero or more, and a day has 24.");
        RuleBroken.unless(
                tariffHundredths >= 0 && tariffHundredths <= 100_000_000,
                "A kilowatt-hour costs nothing at least, and 10,000 at most.");
    }
}

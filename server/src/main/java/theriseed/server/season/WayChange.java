package theriseed.server.season;

import java.time.LocalDate;
import theriseed.core.crop.Grade;
import theriseed.server.base.Maybe;

/** What would be done otherwise, with its figures. What it says in words stands in the catalogue of sentences. */
public sealed interface WayChange {
    /** @param place ground in words; {@code metres} from it to the nearest of what it helps against */
    record Move(String place, double metres) implements WayChange {}

    /** @param days later, or earlier: sown on that day, or its roots {@code replanted} */
    record Shift(int days, boolean later, LocalDate on, boolean replanted) implements WayChange {}

    /** @param area square metres of net, which stands {@code weeks}; {@code boxes} of insects */
    record Cage(double area, int weeks, int boxes) implements WayChange {}

    /** @param area square metres of net of one of the two cages, which stand {@code weeks} */
    record CageByTurns(double area, int weeks) implements WayChange {}

    record Bag(int clusters) implements WayChange {}

    record BagAgainstWind(int bags) implements WayChange {}

    record BagPlants(int plants) implements WayChange {}

    /** @param seedLost share of the seed given up */
    record PickFirstFlowers(LocalDate until, double seedLost) implements WayChange {}

    /** @param seedLost share of the seed given up */
    record PickLastFlowers(LocalDate from, double seedLost) implements WayChange {}

    /** @param place ground in words; {@code metres} from it to the nearest of what it helps against */
    record LiftAndReplant(String place, double metres, LocalDate on) implements WayChange {}

    record Mow(LocalDate by) implements WayChange {}

    record HandPollinate(int flowers, int fruits) implements WayChange {}

    /** @param seedless whether a seed crop gives no seed this season then */
    record EatFirst(LocalDate by, boolean seedless) implements WayChange {}

    /** @param metres on each side; {@code seedLost} share of the seed given up */
    record DropRows(double metres, double seedLost) implements WayChange {}

    /** @param lastsUntil last season in which stored seed germinates; absent where none is known */
    record AnotherYear(int season, @Maybe Integer lastsUntil) implements WayChange {}

    record LowerGrade(Grade grade) implements WayChange {}

    record AskNeighbour(LocalDate by) implements WayChange {}

    record PullVolunteers(LocalDate by) implements WayChange {}
}

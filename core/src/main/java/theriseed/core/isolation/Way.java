package theriseed.core.isolation;

import java.time.LocalDate;
import theriseed.core.crop.Grade;

/** A way out of a threat: what would be done otherwise. */
public sealed interface Way {
    /** Grow it on other ground: which of the places offered. */
    record Move(int place) implements Way {}

    /** Sow it, and set it out, so many days later; below 0 earlier. */
    record Shift(int days) implements Way {}

    /**
     * Stand it in a cage or under a net while it blooms.
     *
     * @param area of net on the ground, square metres
     * @param weeks it stands
     * @param introductions of insects; 0 for crops that pollinate themselves
     */
    record Cage(double area, int weeks, int introductions) implements Way {}

    /**
     * Stand it in a cage, and what threatens it in another; open one of them a day, by turns.
     *
     * @param area of net of this one on the ground, square metres
     * @param weeks they stand
     */
    record CageByTurns(double area, int weeks) implements Way {}

    /** Cover so many clusters of flowers before they open. */
    record Bag(int clusters) implements Way {}

    /** Cover so many stalks or ears with bags that hold back pollen in the wind, and carry the pollen by hand. */
    record BagAgainstWind(int bags) implements Way {}

    /** Cover every flower of a few whole plants. */
    record BagPlants(int plants) implements Way {}

    /** Let no flower open before that day: pick them off. */
    record PickFirstFlowers(LocalDate until, double seedLost) implements Way {}

    /** Let no flower open from that day: pick them off. */
    record PickLastFlowers(LocalDate from, double seedLost) implements Way {}

    /**
     * Lift what stands and plant it again elsewhere on that day.
     *
     * @param place which of the places offered
     */
    record LiftAndReplant(int place, LocalDate on) implements Way {}

    /** Pollinate by hand; the untreated fruits are no seed. */
    record HandPollinate(int fruits, int flowers, int perPlant) implements Way {}

    /** Harvest the other to eat, before it can flower: by that day at the latest. */
    record EatFirst(LocalDate by) implements Way {}

    /**
     * Keep no seed of the outer rows.
     *
     * @param metres on each side
     * @param seedLost share of the seed given up
     */
    record DropRows(double metres, double seedLost) implements Way {}

    /** Grow it in another season. */
    record AnotherYear() implements Way {}

    /** Be content with a lower grade. */
    record LowerGrade(Grade grade) implements Way {}

    /** Ask the neighbour to cut or pull theirs by that day. */
    record AskNeighbour(LocalDate by) implements Way {}

    /** Mow what grows wild, by that day, and again when it grows back. */
    record Mow(LocalDate by) implements Way {}

    /** Hoe out what comes up by itself, by that day. */
    record PullVolunteers(LocalDate by) implements Way {}
}

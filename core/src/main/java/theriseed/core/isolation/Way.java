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

    /** Cover so many clusters of flowers before they open. */
    record Bag(int clusters) implements Way {}

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

    /** Hoe out what comes up by itself, by that day. */
    record PullVolunteers(LocalDate by) implements Way {}
}

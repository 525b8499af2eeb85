package theriseed.core.isolation;

import java.util.Optional;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;
import theriseed.core.pollination.CageSchedule;

/**
 * Hours of work that keeping a planting true takes. Rules of thumb, for comparing: a frame and net two hours and three
 * minutes a square metre, an hour a week to look after it, half an hour for each box of insects, twelve minutes a flower
 * pollinated by hand, nine minutes a cluster bagged and shaken, a quarter of an hour a day to open one cage and close the
 * other, an hour to talk to a neighbour, half an hour to hoe or mow a hundred square metres, three minutes to lift a plant
 * and plant it again, a minute a plant to pick its flowers off, every third day, five seconds a plant on a walk.
 */
public final class KeepingHours {
    /** Clusters of flowers covered on each plant. */
    public static final int CLUSTERS_A_PLANT = 3;

    static final double ASKING = 1;

    private static final double CAGE = 2;
    private static final double CAGE_A_SQUARE_METRE = 0.05;
    private static final double CAGE_A_WEEK = 1;
    private static final double INTRODUCTION = 0.5;
    private static final double FLOWER = 0.2;
    private static final double CLUSTER = 0.15;
    private static final double CHANGING_CAGES_A_DAY = 0.25;
    private static final double LIFTING_A_PLANT = 0.05;
    private static final double PICKING_A_PLANT = 1.0 / 60;
    private static final int PICKING_EVERY_DAYS = 3;
    private static final double HOEING_A_SQUARE_METRE = 0.005;
    private static final double LOOKING_AT_A_PLANT = 5.0 / 3600;

    private static final Range AREA = Range.of(0, 1e9, "m2");

    private KeepingHours() {}

    /** @param area of net on the ground, square metres */
    public static double cage(double area, int weeks, int introductions) {
        return CAGE
                + AREA.check("area", area) * CAGE_A_SQUARE_METRE
                + weeks * CAGE_A_WEEK
                + introductions * INTRODUCTION;
    }

    public static double flowers(int flowers) {
        return flowers * FLOWER;
    }

    public static double clusters(int clusters) {
        return clusters * CLUSTER;
    }

    /** @param plants lifted with their roots and planted again */
    public static double lifting(int plants) {
        return plants * LIFTING_A_PLANT;
    }

    /** @param days on which no flower may stay open */
    public static double picking(int plants, long days) {
        return plants * ((days + PICKING_EVERY_DAYS - 1) / PICKING_EVERY_DAYS) * PICKING_A_PLANT;
    }

    /** A cage of its own, opened every other day. @param area of net on the ground, square metres */
    public static double byTurns(double area, BloomWindow bloom) {
        return cage(area, cageWeeks(bloom), 0) + bloom.days() * CHANGING_CAGES_A_DAY;
    }

    /** @param area square metres */
    public static double hoeing(double area) {
        return AREA.check("area", area) * HOEING_A_SQUARE_METRE;
    }

    public static double walks(int plants, int walks) {
        return plants * walks * LOOKING_AT_A_PLANT;
    }

    /** Weeks a cage stands: while it blooms, and one to put it up. */
    static int cageWeeks(BloomWindow bloom) {
        return (bloom.days() + 6) / 7 + 1;
    }

    /** Boxes of insects for a caged crop; none for one that pollinates itself. */
    static int introductions(Crop crop, BloomWindow bloom) {
        return crop.crossesFreely() ? CageSchedule.usual(bloom.days()).placeOn().size() : 0;
    }

    /**
     * Hours for the way a planting is kept true.
     *
     * @param area its flowering ground, square metres
     * @param flowers to pollinate by hand, where that is done
     */
    public static double of(
            PollenControl.Kind control, Crop crop, Optional<BloomWindow> bloom, double area, int plants, int flowers) {
        return switch (control) {
            case OPEN -> 0;
            case CAGED ->
                bloom.map(days -> cage(area, cageWeeks(days), introductions(crop, days)))
                        .orElse(0.0);
            case BY_TURNS -> bloom.map(days -> byTurns(area, days)).orElse(0.0);
            case BAGGED -> clusters(plants * CLUSTERS_A_PLANT);
            case HAND_POLLINATED -> flowers(flowers);
        };
    }
}

package theriseed.core.harvest;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import theriseed.core.crop.Crop;

/**
 * Where on its plants a crop's seed ripens first, and about when each part does: what to take before the rest. How much of the
 * seed is in each part is a convention; close planting gives more of it in the first part, wide planting less.
 *
 * @param parts the first to ripen first
 */
public record RipensFirst(List<Part> parts) {
    /** Part of a plant, as growers speak of it. */
    public enum Place {
        KING_UMBEL,
        SIDE_UMBELS,
        LATE_UMBELS,
        MAIN_HEAD,
        SIDE_HEADS,
        LATE_HEADS,
        MAIN_EAR,
        SIDE_EARS,
        LATE_EARS,
        LOWEST,
        MIDDLE,
        TOP,
        FIRST_FRUIT,
        NEXT_FRUIT,
        LATE_FRUIT
    }

    /**
     * @param to share of the seed that is ripe by its end
     * @param from day by which its first seed is ripe, {@code until} by which all but stragglers are
     */
    public record Part(Place place, double to, LocalDate from, LocalDate until) {}

    /** Left out at both ends of the ripening: stragglers. */
    private static final double STRAGGLERS = 0.02;

    private record Share(Place place, double to) {}

    private static final List<Share> UMBELS = List.of(
            new Share(Place.KING_UMBEL, 0.25), new Share(Place.SIDE_UMBELS, 0.8), new Share(Place.LATE_UMBELS, 1));

    private static final List<Share> HEADS =
            List.of(new Share(Place.MAIN_HEAD, 0.3), new Share(Place.SIDE_HEADS, 0.8), new Share(Place.LATE_HEADS, 1));

    private static final List<Share> EARS =
            List.of(new Share(Place.MAIN_EAR, 0.5), new Share(Place.SIDE_EARS, 0.85), new Share(Place.LATE_EARS, 1));

    private static final List<Share> UPWARD =
            List.of(new Share(Place.LOWEST, 0.4), new Share(Place.MIDDLE, 0.8), new Share(Place.TOP, 1));

    private static final List<Share> FRUIT = List.of(
            new Share(Place.FIRST_FRUIT, 0.4), new Share(Place.NEXT_FRUIT, 0.8), new Share(Place.LATE_FRUIT, 1));

    public static RipensFirst of(Crop crop, RipeningCurve curve) {
        List<Part> parts = new ArrayList<>();
        double from = STRAGGLERS;
        for (Share share : shares(crop)) {
            double to = Math.min(share.to(), 1 - STRAGGLERS);
            parts.add(new Part(share.place(), share.to(), day(curve, from), day(curve, to)));
            from = to;
        }
        return new RipensFirst(List.copyOf(parts));
    }

    private static LocalDate day(RipeningCurve curve, double ripe) {
        return LocalDate.ofEpochDay(Math.round(curve.ripeOn(ripe)));
    }

    /** By how its family flowers: umbels and heads by their order, all others from the lowest flower up. */
    private static List<Share> shares(Crop crop) {
        return switch (crop.family()) {
            case "Apiaceae" -> UMBELS;
            case "Amaryllidaceae", "Asteraceae", "Papaveraceae", "Linaceae" -> HEADS;
            case "Poaceae" -> EARS;
            case "Solanaceae", "Cucurbitaceae", "Rosaceae", "Basellaceae" -> FRUIT;
            default -> UPWARD;
        };
    }
}

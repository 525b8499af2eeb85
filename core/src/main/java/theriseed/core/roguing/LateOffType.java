package theriseed.core.roguing;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.stream.DoubleStream;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.measure.Range;
import theriseed.core.roguing.PollenDamage.Guard;
import theriseed.core.roguing.PollenDamage.Shed;
import theriseed.core.season.SeasonDates;

/**
 * Off-types that were found shedding pollen: what they fathered in the seed of the others, and how far round each the
 * seed is suspect. How far pollen travels within a plot is rarely known, so the ring is given for half and twice the
 * usual distance too. With a fat tail the plants nearby hold only part of the damage.
 *
 * @param shed over the whole stand
 * @param limit crossing the grade lets pass, 0 to 1
 * @param suspect whether the whole stand's seed is beyond that
 * @param travels mean pollen travel for which the rings are calculated, metres: half, usual, twice
 * @param rings in that order
 */
public record LateOffType(Shed shed, double limit, boolean suspect, List<Double> travels, List<Guard> rings) {
    /** Mean travel within a stand, metres, by what carries the pollen; rules of thumb. */
    static final double BY_WIND = 5;

    static final double BY_INSECTS = 3;

    private static final int LONGEST_DAYS = 200;

    /**
     * @param plants in the stand, at least 1
     * @param offTypes that shed, 1 to plants
     * @param density plants a square metre, above 0
     * @param bloom of the stand
     * @param since first day an off-type shed, within the bloom
     * @param removed day they were pulled, not before since
     * @param limit crossing the grade lets pass, above 0 below 1
     */
    public static LateOffType of(
            Crop crop,
            int plants,
            int offTypes,
            double density,
            BloomWindow bloom,
            LocalDate since,
            LocalDate removed,
            double limit) {
        Range.of(1, plants, "plants").check("offTypes", offTypes);
        SeasonDates.check("sheddingSince", since, removed.minusDays(LONGEST_DAYS), removed);
        Shed shed = PollenDamage.shed(
                plants,
                offTypes,
                1,
                crop.naturalOutcrossing(),
                0,
                bloom.days() - 1.0,
                ChronoUnit.DAYS.between(bloom.first(), since),
                ChronoUnit.DAYS.between(bloom.first(), removed) + 1.0);
        double usual = crop.vector().contains("wind") ? BY_WIND : BY_INSECTS;
        List<Double> travels =
                DoubleStream.of(usual / 2, usual, usual * 2).boxed().toList();
        return new LateOffType(
                shed,
                limit,
                shed.seedFathered() > limit,
                travels,
                travels.stream()
                        .map(travel -> PollenDamage.guard(
                                travel, density, crop.naturalOutcrossing(), shed.bloomExposed(), limit))
                        .toList());
    }

    /** The day from which what is found in a stand is taken to flower with it: in a crop that crosses freely its first flower. */
    public static Optional<LocalDate> flowersFrom(Crop crop, Optional<BloomWindow> bloom) {
        return crop.crossesFreely() ? bloom.map(BloomWindow::first) : Optional.empty();
    }

    /**
     * The day from which off-types are taken to have shed pollen; none when they did not.
     *
     * @param walkedOn day they were found
     * @param said first day they shed, where somebody could tell
     * @param notFlowered whether somebody looked and none had flowered
     */
    public static Optional<LocalDate> shedFrom(
            Crop crop, Optional<BloomWindow> bloom, LocalDate walkedOn, Optional<LocalDate> said, boolean notFlowered) {
        if (said.isPresent() || notFlowered) {
            return said;
        }
        return flowersFrom(crop, bloom).filter(first -> !walkedOn.isBefore(first));
    }

    /** The ring for the usual travel. */
    public Guard ring() {
        return rings.get(1);
    }
}

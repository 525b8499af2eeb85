package theriseed.server.walk;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.crop.Crop;
import theriseed.core.roguing.LateOffType;
import theriseed.core.roguing.Pass;

/**
 * What a walk found. Sick plants, freaks of stress and early bolters are no off-types: they are counted apart.
 *
 * @param rows that were walked, by their numbers; none where it is not said
 * @param rowsInAll of the stand, as counted in the rows; null where it is not said
 * @param others whether no earlier walk of the stage looked at these plants; counts where the rows are not said
 * @param sheddingSince first day an off-type shed pollen, as far as somebody could tell; null where nobody said
 * @param notFlowered whether somebody looked and none of the off-types had flowered yet
 */
public record WalkFacts(
        String stage,
        LocalDate walkedOn,
        int lookedAt,
        List<Integer> rows,
        Integer rowsInAll,
        boolean others,
        List<OffType> offTypes,
        int sick,
        int stressed,
        int bolted,
        LocalDate sheddingSince,
        boolean notFlowered,
        String note) {

    /** Plants of one kind that were not true, what was done with them, and why. */
    public record OffType(String kind, int plants, Fate fate, String reason) {
        @Override
        public String toString() {
            return plants + " " + kind + " " + fate.name().toLowerCase(Locale.ROOT)
                    + (reason.isEmpty() ? "" : " (" + reason + ")");
        }
    }

    /** A walk on which nothing but off-types was found and all of them pulled, before any had flowered. */
    public static WalkFacts pulling(String stage, LocalDate day, int lookedAt, List<OffType> offTypes) {
        return new WalkFacts(stage, day, lookedAt, List.of(), null, false, offTypes, 0, 0, 0, null, true, "");
    }

    WalkFacts on(LocalDate day) {
        return new WalkFacts(
                stage,
                day,
                lookedAt,
                rows,
                rowsInAll,
                others,
                offTypes,
                sick,
                stressed,
                bolted,
                sheddingSince,
                notFlowered,
                note);
    }

    /** The day from which its off-types are taken to have shed pollen on a stand; none when they did not. */
    Optional<LocalDate> shedFrom(Crop crop, Optional<BloomWindow> bloom) {
        return offTypesInAll() == 0
                ? Optional.empty()
                : LateOffType.shedFrom(crop, bloom, walkedOn, Optional.ofNullable(sheddingSince), notFlowered);
    }

    /**
     * The walk as it tells what still stands.
     *
     * @param standing plants before it, at least 1
     * @param recognised chance that whoever walked recognises an off-type, above 0 to 1
     */
    Pass pass(int standing, double recognised) {
        int looked = Math.min(lookedAt, standing);
        int found = Math.min(offTypesInAll(), looked);
        return new Pass(
                looked, found, Math.min(pulled(), found), recognised, rows, rowsInAll == null ? 1 : rowsInAll, others);
    }

    int offTypesInAll() {
        return offTypes.stream().mapToInt(OffType::plants).sum();
    }

    int pulled() {
        return offTypes.stream()
                .filter(kind -> kind.fate() == Fate.PULLED)
                .mapToInt(OffType::plants)
                .sum();
    }
}

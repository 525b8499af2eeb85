package theriseed.server.harvest;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import theriseed.core.drying.SeedMoisture;
import theriseed.server.base.Maybe;
import theriseed.server.lot.ArrivalView;
import theriseed.server.lot.TransferView;

/**
 * All that was picked into a lot, or transferred into it from others; mass in grams.
 *
 * @param pickedOn first day, {@code lastOn} the last
 * @param plants picked from, as few as they can have been: picks over the same plants count once
 * @param containers filled
 * @param picks by day; none where it came of other lots
 * @param transferred into it
 * @param arrival how it came, where no planting of these records gave it
 * @param transferredOut grams of it that went into other lots
 * @param earlyBy days before its seed can have been ripe that the earliest picking in it was picked; 0 for none
 * @param moisture of what was transferred into it, where it is known of every part
 */
public record HarvestView(
        UUID lotId,
        LocalDate pickedOn,
        LocalDate lastOn,
        BigDecimal mass,
        int plants,
        int containers,
        List<PickView> picks,
        List<TransferView> transferred,
        @Maybe ArrivalView arrival,
        BigDecimal transferredOut,
        @Maybe SeedMoisture moisture,
        int earlyBy) {

    HarvestView transferringOut(BigDecimal out) {
        return new HarvestView(
                lotId, pickedOn, lastOn, mass, plants, containers, picks, transferred, arrival, out, moisture, earlyBy);
    }

    HarvestView weighing(BigDecimal otherMass) {
        return new HarvestView(
                lotId,
                pickedOn,
                lastOn,
                otherMass,
                plants,
                containers,
                picks,
                transferred,
                arrival,
                transferredOut,
                moisture,
                earlyBy);
    }

    /**
     * What came of other lots.
     *
     * @param transferred into it, at least one
     * @param plants whose seed is in it
     * @param earlyBy days before it can have been ripe that any of it was picked; 0 for none
     */
    static HarvestView transferred(UUID lotId, List<TransferView> transferred, int plants, int earlyBy) {
        BigDecimal mass = transferred.stream().map(TransferView::mass).reduce(BigDecimal.ZERO, BigDecimal::add);
        return new HarvestView(
                lotId,
                transferred.get(0).transferredOn(),
                transferred.get(transferred.size() - 1).transferredOn(),
                mass,
                plants,
                1,
                List.of(),
                transferred,
                null,
                BigDecimal.ZERO,
                SeedMoisture.together(transferred.stream()
                                .map(transfer -> new SeedMoisture.Part(
                                        transfer.mass().doubleValue(), Optional.ofNullable(transfer.moisture())))
                                .toList())
                        .orElse(null),
                earlyBy);
    }

    /** Seed that no planting of these records gave. */
    static HarvestView arrived(ArrivalView arrival) {
        return new HarvestView(
                arrival.lotId(),
                arrival.cameOn(),
                arrival.cameOn(),
                arrival.mass(),
                arrival.plants() == null ? 0 : arrival.plants(),
                1,
                List.of(),
                List.of(),
                arrival,
                BigDecimal.ZERO,
                null,
                0);
    }

    /** @param picks of one lot, at least one */
    static HarvestView of(UUID lotId, List<PickView> picks) {
        List<PickView> byDay = new ArrayList<>(picks);
        byDay.sort(Comparator.comparing(PickView::pickedOn));
        Map<String, Integer> some = new HashMap<>();
        int all = 0;
        for (PickView pick : picks) {
            if (pick.pickedFrom() == PickedFrom.PLANTING) {
                all = Math.max(all, pick.plants());
            } else {
                some.merge(pick.pickedFrom() + " " + pick.which(), pick.plants(), Math::max);
            }
        }
        int apart = some.values().stream().mapToInt(Integer::intValue).sum();
        return new HarvestView(
                lotId,
                byDay.get(0).pickedOn(),
                byDay.get(byDay.size() - 1).pickedOn(),
                picks.stream().map(PickView::mass).reduce(BigDecimal.ZERO, BigDecimal::add),
                Math.max(all, apart),
                picks.stream().mapToInt(PickView::containers).sum(),
                List.copyOf(byDay),
                List.of(),
                null,
                BigDecimal.ZERO,
                null,
                byDay.stream()
                        .map(PickView::earlyBy)
                        .filter(Objects::nonNull)
                        .max(Comparator.naturalOrder())
                        .orElse(0));
    }
}

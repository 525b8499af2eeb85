package theriseed.server.harvest;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;

/**
 * All that was picked into a lot; mass in grams.
 *
 * @param pickedOn first day, {@code lastOn} the last
 * @param plants picked from, as few as they can have been: picks over the same plants count once
 * @param containers filled
 * @param picks by day
 */
public record HarvestView(
        UUID lotId,
        LocalDate pickedOn,
        LocalDate lastOn,
        BigDecimal mass,
        int plants,
        int containers,
        List<PickView> picks) {

    HarvestView weighing(BigDecimal otherMass) {
        return new HarvestView(lotId, pickedOn, lastOn, otherMass, plants, containers, picks);
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
                List.copyOf(byDay));
    }
}

package theriseed.server.pollination;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.stereotype.Service;
import theriseed.core.pollination.MorningPlan.Buds;
import theriseed.server.base.FarmTime;
import theriseed.server.base.ReadsOnly;
import theriseed.server.season.PlantingView;

/** What pollination asks for today, from what was closed, pollinated and covered. */
@Service
public class PollinationWork {
    private final HandPollination hand;
    private final Covers covers;
    private final FarmTime time;

    PollinationWork(HandPollination hand, Covers covers, FarmTime time) {
        this.hand = hand;
        this.covers = covers;
        this.time = time;
    }

    /** What is to be done. */
    public enum What {
        POLLINATE,
        LOOK_AT_FLOWERS,
        SHAKE
    }

    /** @param count flowers or bags */
    public record Waits(What what, PlantingView planting, int count) {}

    /** In a number of queries that does not grow with the plantings. */
    @ReadsOnly
    public List<Waits> waiting(Collection<PlantingView> plantings) {
        LocalDate today = time.today();
        ZoneId zone = time.zone();
        Map<UUID, List<Buds>> closed = hand.closedOn(today.minusDays(1));
        Map<UUID, List<FlowerView>> open =
                hand.open(plantings.stream().map(PlantingView::id).toList());
        Map<UUID, List<CoverView>> on = covers.of(plantings);
        List<Waits> waiting = new ArrayList<>();
        for (PlantingView planting : plantings) {
            List<FlowerView> flowers = open.getOrDefault(planting.id(), List.of());
            long done = flowers.stream()
                    .filter(flower -> flower.day(zone).equals(today))
                    .count();
            List<FlowerView> before = flowers.stream()
                    .filter(flower -> flower.day(zone).isBefore(today))
                    .toList();
            int crosses = HandPollination.plan(closed.getOrDefault(planting.id(), List.of()), before)
                    .crosses()
                    .size();
            long due =
                    flowers.stream().filter(flower -> flower.due(today, zone)).count();
            long unshaken = on.getOrDefault(planting.id(), List.of()).stream()
                    .filter(cover -> toShake(cover, today))
                    .count();
            add(waiting, What.POLLINATE, planting, crosses - done);
            add(waiting, What.LOOK_AT_FLOWERS, planting, due);
            add(waiting, What.SHAKE, planting, unshaken);
        }
        return waiting;
    }

    private static void add(List<Waits> waiting, What what, PlantingView planting, long count) {
        if (count > 0) {
            waiting.add(new Waits(what, planting, (int) count));
        }
    }

    private static boolean toShake(CoverView cover, LocalDate today) {
        return cover.kind() == CoverKind.BAG
                && cover.takenOff() == null
                && cover.events().stream()
                        .noneMatch(event -> event.kind() == CoverEventKind.SHAKEN
                                && event.lastDay().equals(today));
    }
}

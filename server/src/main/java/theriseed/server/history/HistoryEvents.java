package theriseed.server.history;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.UUID;
import theriseed.server.gate.LotKnown;
import theriseed.server.history.LotHistory.Event;
import theriseed.server.history.LotHistory.EventKind;
import theriseed.server.history.LotHistory.Knot;
import theriseed.server.lot.LotView;
import theriseed.server.walk.WalkView;

/** What was seen and decided in a lot's life, in order of days among the acts on it. */
final class HistoryEvents {
    private final LotKnown known;
    private final List<WalkView> walks;
    private final ZoneId zone;

    HistoryEvents(LotKnown known, List<WalkView> walks, ZoneId zone) {
        this.known = known;
        this.walks = walks;
        this.zone = zone;
    }

    /** On a day with both, rows were walked before they were picked, and seed was looked at after it was worked on. */
    List<Event> between(List<Knot> knots) {
        List<Event> events = new ArrayList<>();
        for (WalkView walk : walks) {
            int before = (int) knots.stream()
                    .filter(knot -> knot.on().isBefore(walk.walkedOn()))
                    .count();
            events.add(new Event(
                    EventKind.WALK,
                    walk.id(),
                    walk.walkedOn(),
                    before,
                    walk.offTypesInAll(),
                    walk.lookedAt(),
                    null,
                    "",
                    walk.offTypesInAll() > 0));
        }
        known.tests()
                .germinations()
                .forEach(test -> events.add(figure(
                        EventKind.GERMINATION,
                        test.id(),
                        test.countedOn(),
                        knots,
                        test.result().reported(),
                        !test.result().acceptable())));
        known.tests()
                .seedWeights()
                .forEach(test -> events.add(figure(
                        EventKind.SEED_WEIGHT,
                        test.id(),
                        test.weighedOn(),
                        knots,
                        test.result().thousandSeedWeight(),
                        !test.result().accepted())));
        known.tests()
                .purities()
                .forEach(test -> events.add(figure(
                        EventKind.PURITY,
                        test.id(),
                        test.testedOn(),
                        knots,
                        test.result().pure(),
                        !test.result().valid())));
        known.tests()
                .moistures()
                .forEach(test -> events.add(figure(
                        EventKind.MOISTURE,
                        test.id(),
                        test.measuredOn(),
                        knots,
                        test.result().moisture(),
                        !test.agrees())));
        known.tests()
                .cuts()
                .forEach(test -> events.add(figure(
                        EventKind.CUT,
                        test.id(),
                        test.cutOn(),
                        knots,
                        100 * test.result().share(),
                        false)));
        known.tests()
                .growOuts()
                .forEach(test -> events.add(new Event(
                        EventKind.GROW_OUT,
                        test.id(),
                        test.examinedOn(),
                        after(test.examinedOn(), knots),
                        test.offTypes(),
                        test.plants(),
                        null,
                        "",
                        test.offTypes() > 0)));
        known.tests()
                .weevils()
                .forEach(look -> events.add(new Event(
                        EventKind.WEEVILS,
                        look.id(),
                        look.lookedOn(),
                        after(look.lookedOn(), knots),
                        look.bored(),
                        look.seeds(),
                        null,
                        "",
                        look.bored() > 0)));
        LotView lot = known.lot();
        if (lot.hold() != null) {
            LocalDate on = lot.hold().at().atZone(zone).toLocalDate();
            events.add(new Event(
                    EventKind.HELD,
                    lot.id(),
                    on,
                    after(on, knots),
                    null,
                    null,
                    null,
                    lot.hold().reason(),
                    true));
        }
        events.sort(Comparator.comparing(Event::on));
        return events;
    }

    private static Event figure(EventKind kind, UUID id, LocalDate on, List<Knot> knots, double figure, boolean alarm) {
        return new Event(kind, id, on, after(on, knots), null, null, figure, "", alarm);
    }

    private static int after(LocalDate day, List<Knot> knots) {
        return (int) knots.stream().filter(knot -> !knot.on().isAfter(day)).count();
    }
}

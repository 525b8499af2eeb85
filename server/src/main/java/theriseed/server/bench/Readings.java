package theriseed.server.bench;

import java.time.Instant;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.drying.TrayWatch;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.instrument.Instruments;
import theriseed.server.lot.Lots;

/** Readings taken while a step is under way: the warmth of a ferment, the weight of a drying tray, the air of the room. */
@Service
public class Readings {
    static final String BY_HAND = "by hand";

    private final ReadingRepository readings;
    private final StepRepository steps;
    private final Lots lots;
    private final Instruments instruments;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;

    Readings(
            ReadingRepository readings,
            StepRepository steps,
            Lots lots,
            Instruments instruments,
            Corrections corrections,
            Stamps stamps,
            FarmTime time) {
        this.readings = readings;
        this.steps = steps;
        this.lots = lots;
        this.instruments = instruments;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /** By step, oldest first; steps without are left out. */
    @ReadsOnly
    Map<UUID, List<ReadingView>> of(Collection<UUID> stepIds) {
        return stepIds.isEmpty()
                ? Map.of()
                : readings.findByStepIdInOrderByTakenAtAscIdAsc(stepIds).stream()
                        .collect(Collectors.groupingBy(
                                Reading::stepId, Collectors.mapping(Reading::view, Collectors.toList())));
    }

    /**
     * Takes a reading down.
     *
     * @param takenAt now where it is null
     * @param instrument what it was read from, by the name it goes by where it was read; null where it was typed
     */
    @HandsWork
    @Transactional
    public ReadingView take(UUID stepId, Instant takenAt, Quantity quantity, double value, String instrument) {
        Step step = steps.findById(stepId).orElseThrow(NotFound.of("step"));
        lots.lock(lots.byId(step.lotId()).number());
        Instant at = takenAt == null ? time.now() : takenAt;
        checkMoment(step, at);
        check(step, quantity, value);
        String source = instrument == null || quantity.instrument() == null
                ? BY_HAND
                : instruments.source(quantity.instrument(), instrument);
        return readings.saveAndFlush(new Reading(stepId, at, quantity, value, source, stamps.now()))
                .view();
    }

    @HandsWork
    @Transactional
    public ReadingView correct(UUID id, int version, String reason, double value) {
        Reading reading = readings.findById(id).orElseThrow(NotFound.of("reading"));
        Clash.check(reading, version, reading.view());
        check(
                steps.findById(reading.stepId()).orElseThrow(NotFound.of("step")),
                reading.view().quantity(),
                value);
        Map<String, Object> before = reading.correctable();
        reading.change(value);
        corrections.keep("reading", id, before, reading.correctable(), reason);
        return readings.saveAndFlush(reading).view();
    }

    private static void check(Step step, Quantity quantity, double value) {
        quantity.check(value);
        double in = step.facts().massIn().doubleValue();
        if (quantity == Quantity.MASS && !TrayWatch.canWeigh(in, value)) {
            throw new Refused("value", value, "bench.moreThanIn");
        }
    }

    private void checkMoment(Step step, Instant at) {
        if (step.ended()) {
            throw new Refused("takenAt", at, "bench.stepEnded");
        }
        if (at.isBefore(step.facts().begunAt()) || at.isAfter(time.now())) {
            throw new Refused("takenAt", at, "bench.notUnderWay");
        }
    }
}

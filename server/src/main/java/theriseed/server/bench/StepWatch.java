package theriseed.server.bench;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;
import theriseed.core.bench.FermentClock;
import theriseed.core.crop.Crop;
import theriseed.core.crop.Usual;
import theriseed.core.drying.DryingAir;
import theriseed.core.drying.DryingCurve;
import theriseed.core.drying.DryingWatch;
import theriseed.core.drying.SilicaGel;
import theriseed.core.lot.LotNeeds;

/** What a step under way has come to, from what was read of it. */
final class StepWatch {
    private static final double USUAL_ROOM_C = 20;
    private static final Usual USUAL_FERMENT = new Usual(12, 48);
    private static final double COLDEST_KNOWN_C = 15;
    private static final double WARMEST_KNOWN_C = 32;
    private static final double MASH_FROM_C = 5;
    private static final double MASH_TO_C = 40;

    private final Crop crop;
    private final Now now;

    /** The moment, and how warm a mash is expected to be tomorrow, &deg;C. */
    record Now(Instant moment, double mashTomorrow) {}

    StepWatch(Crop crop, Now now) {
        this.crop = crop;
        this.now = now;
    }

    StepView.Ferment ferment(StepFacts facts, List<ReadingView> read) {
        Usual window = crop.fermentHours().orElse(USUAL_FERMENT);
        List<ReadingView> mash = of(Quantity.MASH, read);
        List<ReadingView> stirred = of(Quantity.STIRRED, read);
        double first = facts.temperature() != null
                ? facts.temperature()
                : mash.isEmpty() ? USUAL_ROOM_C : mash.get(0).value();
        List<FermentClock.Reading> log = new ArrayList<>(List.of(new FermentClock.Reading(0, first)));
        mash.forEach(one -> log.add(new FermentClock.Reading(hours(facts, one.takenAt()), one.value())));
        double last = log.get(log.size() - 1).temperature();
        log.add(new FermentClock.Reading(hours(facts, now.moment()), last));
        FermentClock clock = clock(log, window, last);
        double tomorrow = Math.max(MASH_FROM_C, Math.min(MASH_TO_C, now.mashTomorrow()));
        FermentClock later = clock(log, window, tomorrow);
        boolean known = log.stream()
                .allMatch(one -> one.temperature() >= COLDEST_KNOWN_C && one.temperature() <= WARMEST_KNOWN_C);
        return new StepView.Ferment(
                clock.state(),
                clock.equivalentHours(),
                window.low(),
                window.high(),
                last,
                when(clock.equivalentHours(), window.low(), last),
                when(clock.equivalentHours(), window.high(), last),
                tomorrow,
                clock.state() == FermentClock.State.NOT_READY ? later.hoursToReady() : later.hoursToOverRun(),
                mash.size(),
                stirred.size(),
                stirred.isEmpty() ? null : stirred.get(stirred.size() - 1).takenAt(),
                !known);
    }

    private static FermentClock clock(List<FermentClock.Reading> log, Usual window, double next) {
        return FermentClock.of(log, FermentClock.USUAL_Q10, window.low(), window.high(), next);
    }

    /** When so many hours at 22 C are or were reached, at the last temperature. */
    private Instant when(double equivalent, double wanted, double temperature) {
        double hour = FermentClock.hoursAt(temperature, FermentClock.USUAL_Q10, 1);
        return now.moment().plusSeconds(Math.round((wanted - equivalent) * hour * 3600));
    }

    /**
     * @param measured moisture going in, % wet basis; null when nobody measured it
     * @param usual what is taken then
     */
    StepView.Drying drying(StepFacts facts, Double measured, double usual, List<ReadingView> read) {
        TreeMap<Double, Double> byHour = new TreeMap<>();
        for (ReadingView one : of(Quantity.MASS, read)) {
            double hour = hours(facts, one.takenAt());
            if (hour > 0) {
                byHour.put(hour, one.value());
            }
        }
        List<DryingWatch.Weighing> weighed = byHour.entrySet().stream()
                .map(one -> new DryingWatch.Weighing(one.getKey(), one.getValue()))
                .toList();
        Double air = last(Quantity.AIR, read);
        Double humidity = last(Quantity.HUMIDITY, read);
        DryingWatch watch = DryingWatch.of(
                crop,
                facts.massIn().doubleValue(),
                measured != null ? measured : usual,
                measured == null,
                facts.target() != null ? facts.target() : DryingWatch.sealed(crop),
                weighed,
                air == null || humidity == null ? Optional.empty() : Optional.of(new DryingWatch.Room(air, humidity)));
        Double left = watch.curve().map(DryingCurve::hoursLeft).orElse(null);
        double logged = byHour.isEmpty() ? 0 : byHour.lastKey();
        Instant weighedAt = facts.begunAt().plusSeconds(Math.round(logged * 3600));
        double sinceWeighed = Duration.between(weighedAt, now.moment()).toMinutes() / 60.0;
        return new StepView.Drying(
                watch.moistureIn(),
                watch.estimated(),
                watch.target(),
                watch.targetMass(),
                watch.mass(),
                watch.moisture(),
                watch.floor().isPresent() ? watch.floor().getAsDouble() : null,
                watch.reachable(),
                left == null ? null : facts.begunAt().plusSeconds(Math.round((logged + left) * 3600)),
                watch.far(),
                watch.rewetted(),
                watch.belowFloor(),
                watch.warmest(),
                DryingAir.dehydrator(Math.min(95, watch.moisture())),
                air,
                humidity,
                air != null && air > watch.warmest(),
                watch.gel().map(SilicaGel::gel).orElse(null),
                byHour.size(),
                sinceWeighed,
                LotNeeds.forgotten(sinceWeighed));
    }

    private static List<ReadingView> of(Quantity quantity, List<ReadingView> read) {
        return read.stream().filter(one -> one.quantity() == quantity).toList();
    }

    private static Double last(Quantity quantity, List<ReadingView> read) {
        List<ReadingView> all = of(quantity, read);
        return all.isEmpty() ? null : all.get(all.size() - 1).value();
    }

    private static double hours(StepFacts facts, Instant moment) {
        return Math.max(0, Duration.between(facts.begunAt(), moment).toSeconds() / 3600.0);
    }
}

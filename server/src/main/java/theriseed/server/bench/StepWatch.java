package theriseed.server.bench;

import java.time.Instant;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import theriseed.core.bench.FermentWatch;
import theriseed.core.bench.LotSteps;
import theriseed.core.crop.Crop;
import theriseed.core.drying.DryingWatch;
import theriseed.core.drying.Overheated;
import theriseed.core.drying.SeedMoisture;
import theriseed.core.drying.SilicaGel;
import theriseed.core.drying.TrayWatch;

/** What a step under way has come to, from what was read of it. */
final class StepWatch {
    private final Crop crop;
    private final Now now;

    /** The moment and the zone of its days, and how warm a mash is expected to be tomorrow, &deg;C, where that can be told. */
    record Now(Instant moment, ZoneId zone, OptionalDouble mashTomorrow) {}

    StepWatch(Crop crop, Now now) {
        this.crop = crop;
        this.now = now;
    }

    StepView.Ferment ferment(StepFacts facts, List<ReadingView> read) {
        List<ReadingView> mash = of(Quantity.MASH, read);
        List<ReadingView> stirred = of(Quantity.STIRRED, read);
        FermentWatch watch = FermentWatch.of(
                crop,
                facts.begunAt(),
                Step.maybe(facts.temperature()),
                mash.stream()
                        .map(one -> new FermentWatch.Read(one.takenAt(), one.value()))
                        .toList(),
                now.moment(),
                now.mashTomorrow());
        return new StepView.Ferment(
                watch.clock().state(),
                watch.clock().equivalentHours(),
                watch.window().low(),
                watch.window().high(),
                watch.celsius(),
                watch.readyAt(),
                watch.overAt(),
                watch.soonOver(),
                LotAtBench.maybe(watch.tomorrow()),
                LotAtBench.maybe(watch.hoursAtTomorrow()),
                mash.size(),
                stirred.size(),
                stirred.isEmpty() ? null : stirred.get(stirred.size() - 1).takenAt(),
                watch.beyondExperience());
    }

    /** @param measured moisture going in, % wet basis, and {@code usual} what is taken where nobody measured it */
    StepView.Drying drying(
            StepFacts facts, OptionalDouble measured, double usual, LotSteps lot, int place, List<ReadingView> read) {
        Double air = last(Quantity.AIR, read);
        Double humidity = last(Quantity.HUMIDITY, read);
        TrayWatch tray = TrayWatch.of(
                crop,
                spread(facts, measured, usual, lot.dryTo(place)),
                weighed(read),
                Step.maybe(air),
                Step.maybe(humidity),
                now.moment());
        DryingWatch watch = tray.watch();
        return new StepView.Drying(
                watch.moistureIn(),
                watch.estimated(),
                watch.target(),
                lot.driedToThresh(place) && facts.target() == null,
                watch.targetMass(),
                watch.mass(),
                watch.moisture(),
                watch.floor().isPresent() ? watch.floor().getAsDouble() : null,
                watch.reachable(),
                tray.dry(),
                tray.dryAt().orElse(null),
                watch.far(),
                watch.rewetted(),
                watch.belowFloor(),
                watch.warmest(),
                tray.dehydrator(),
                air,
                humidity,
                tray.tooWarm(),
                watch.gel().map(SilicaGel::gel).orElse(null),
                tray.weighings(),
                tray.sinceWeighed(),
                tray.forgotten());
    }

    /** @param usual moisture where nobody knows it, and {@code wanted} where nobody told another */
    private static TrayWatch.Spread spread(StepFacts facts, OptionalDouble measured, double usual, double wanted) {
        return new TrayWatch.Spread(
                facts.begunAt(),
                facts.massIn().doubleValue(),
                measured,
                usual,
                Step.maybe(facts.target()).orElse(wanted));
    }

    private static List<TrayWatch.Weighed> weighed(List<ReadingView> read) {
        return of(Quantity.MASS, read).stream()
                .map(one -> new TrayWatch.Weighed(one.takenAt(), one.value()))
                .toList();
    }

    /** What a tray under way, or one that was taken off, was too warm for. */
    Optional<Overheated> heated(StepFacts facts, OptionalDouble measured, double usual, List<ReadingView> read) {
        return Overheated.of(
                crop,
                spread(facts, measured, usual, DryingWatch.sealed(crop)),
                weighed(read),
                of(Quantity.AIR, read).stream()
                        .map(one -> new Overheated.Air(one.takenAt(), one.value()))
                        .toList(),
                facts.endedAt() == null ? now.moment() : facts.endedAt());
    }

    /** The moisture to which the air had dried seed that was taken off its tray. */
    Optional<SeedMoisture> settled(StepFacts facts, List<ReadingView> read) {
        return TrayWatch.settled(
                crop,
                weighed(read),
                facts.massOut().doubleValue(),
                facts.endedAt(),
                Step.maybe(last(Quantity.AIR, read)),
                Step.maybe(last(Quantity.HUMIDITY, read)));
    }

    private static List<ReadingView> of(Quantity quantity, List<ReadingView> read) {
        return read.stream().filter(one -> one.quantity() == quantity).toList();
    }

    private static Double last(Quantity quantity, List<ReadingView> read) {
        List<ReadingView> all = of(quantity, read);
        return all.isEmpty() ? null : all.get(all.size() - 1).value();
    }
}

package theriseed.server.bench;

import java.time.Instant;
import java.util.List;
import java.util.OptionalDouble;
import theriseed.core.bench.FermentWatch;
import theriseed.core.crop.Crop;
import theriseed.core.drying.DryingWatch;
import theriseed.core.drying.SilicaGel;
import theriseed.core.drying.TrayWatch;

/** What a step under way has come to, from what was read of it. */
final class StepWatch {
    private final Crop crop;
    private final Now now;

    /** The moment, and how warm a mash is expected to be tomorrow, &deg;C. */
    record Now(Instant moment, double mashTomorrow) {}

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
                watch.tomorrow(),
                watch.hoursAtTomorrow(),
                mash.size(),
                stirred.size(),
                stirred.isEmpty() ? null : stirred.get(stirred.size() - 1).takenAt(),
                watch.beyondExperience());
    }

    /** @param measured moisture going in, % wet basis, and {@code usual} what is taken where nobody measured it */
    StepView.Drying drying(StepFacts facts, OptionalDouble measured, double usual, List<ReadingView> read) {
        Double air = last(Quantity.AIR, read);
        Double humidity = last(Quantity.HUMIDITY, read);
        TrayWatch tray = TrayWatch.of(
                crop,
                new TrayWatch.Spread(
                        facts.begunAt(), facts.massIn().doubleValue(), measured, usual, Step.maybe(facts.target())),
                of(Quantity.MASS, read).stream()
                        .map(one -> new TrayWatch.Weighed(one.takenAt(), one.value()))
                        .toList(),
                Step.maybe(air),
                Step.maybe(humidity),
                now.moment());
        DryingWatch watch = tray.watch();
        return new StepView.Drying(
                watch.moistureIn(),
                watch.estimated(),
                watch.target(),
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

    private static List<ReadingView> of(Quantity quantity, List<ReadingView> read) {
        return read.stream().filter(one -> one.quantity() == quantity).toList();
    }

    private static Double last(Quantity quantity, List<ReadingView> read) {
        List<ReadingView> all = of(quantity, read);
        return all.isEmpty() ? null : all.get(all.size() - 1).value();
    }
}

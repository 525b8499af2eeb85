package theriseed.server.quality;

import jakarta.persistence.Entity;
import jakarta.persistence.Table;
import java.time.LocalDate;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.function.ToDoubleFunction;
import java.util.stream.IntStream;
import theriseed.core.quality.MoistureResult;
import theriseed.server.base.Stamp;

/** Moisture of a sample: dishes before and after the oven, grams, or readings of a meter, percent. */
@Entity
@Table(name = "moisture_test")
class MoistureRecord extends SeedTest {
    private LocalDate measuredOn;
    private double[] empty;
    private double[] before;
    private double[] after;
    private double[] readings;
    private String note;

    protected MoistureRecord() {}

    MoistureRecord(UUID lotId, MoistureFacts facts, Stamp stamp) {
        super(lotId, stamp);
        change(facts);
    }

    final void change(MoistureFacts facts) {
        measuredOn = facts.measuredOn();
        empty = column(facts, MoistureResult.Dish::empty);
        before = column(facts, MoistureResult.Dish::before);
        after = column(facts, MoistureResult.Dish::after);
        readings = facts.readings().stream().mapToDouble(Double::doubleValue).toArray();
        note = facts.note().strip();
        result();
    }

    private static double[] column(MoistureFacts facts, ToDoubleFunction<MoistureResult.Dish> of) {
        return facts.dishes().stream().mapToDouble(of).toArray();
    }

    private List<MoistureResult.Dish> dishes() {
        return IntStream.range(0, before.length)
                .mapToObj(i -> new MoistureResult.Dish(empty[i], before[i], after[i]))
                .toList();
    }

    private List<Double> readings() {
        return Arrays.stream(readings).boxed().toList();
    }

    private MoistureResult result() {
        return before.length > 0 ? MoistureResult.ofOven(dishes()) : MoistureResult.ofMeter(readings());
    }

    @Override
    LocalDate on() {
        return measuredOn;
    }

    @Override
    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("measuredOn", measuredOn);
        facts.put("empty", Arrays.toString(empty));
        facts.put("before", Arrays.toString(before));
        facts.put("after", Arrays.toString(after));
        facts.put("readings", Arrays.toString(readings));
        facts.put("note", note);
        return facts;
    }

    @Override
    MoistureView view() {
        MoistureResult result = result();
        return new MoistureView(
                id(), version(), measuredOn, dishes(), readings(), result, result.agrees(), note, recordedBy());
    }
}

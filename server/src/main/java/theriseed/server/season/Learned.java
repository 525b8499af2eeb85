package theriseed.server.season;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.UUID;
import java.util.function.Function;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.Requirement;
import theriseed.core.crop.Crop;

/**
 * The warmth varieties asked for on this farm until their first flower, as it was seen, season by season.
 *
 * @param seen by variety, then by planting, &deg;C d
 */
record Learned(Map<UUID, Map<UUID, Double>> seen) {
    /** Sd of a sum at which a first flower was seen, as a share of it: weather in the field is not that of the station. */
    private static final double SEEN_SD = 0.06;

    static Learned of(List<Member> looked, BloomForecast forecast, Function<String, Crop> crops) {
        Map<UUID, Map<UUID, Double>> seen = new HashMap<>();
        for (Member member : looked) {
            OptionalDouble sum = forecast.warmthUntilFlower(
                    crops.apply(member.variety().cropKey()), member.facts().season(), member.growing());
            sum.ifPresent(warmth -> seen.computeIfAbsent(member.variety().id(), id -> new HashMap<>())
                    .put(member.id(), warmth));
        }
        return new Learned(seen);
    }

    /** What a variety asks for, by the table and by what was seen here; what is forecast is not among it. */
    Requirement of(Crop crop, Member member) {
        Requirement table = BloomForecast.ofTable(crop);
        double[] others = seen.getOrDefault(member.variety().id(), Map.of()).entrySet().stream()
                .filter(one -> !one.getKey().equals(member.id()))
                .mapToDouble(Map.Entry::getValue)
                .toArray();
        return others.length == 0 || table.mean() == 0 ? table : table.learnedFrom(SEEN_SD * table.mean(), others);
    }

    /** First flowers seen of a variety, but for this planting. */
    int sightings(Member member) {
        Map<UUID, Double> ofVariety = seen.getOrDefault(member.variety().id(), Map.of());
        return ofVariety.size() - (ofVariety.containsKey(member.id()) ? 1 : 0);
    }
}

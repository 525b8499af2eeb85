package theriseed.performance;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import theriseed.core.bloom.BloomForecast;
import theriseed.core.bloom.BloomSpread;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.bloom.ClimateNormals;
import theriseed.core.bloom.GrowingDays;
import theriseed.core.bloom.Weather;
import theriseed.core.crop.Crop;
import theriseed.core.crop.CropTable;
import theriseed.core.crop.Grade;
import theriseed.core.ground.LocalPlane;
import theriseed.core.ground.LonLat;
import theriseed.core.ground.Place;
import theriseed.core.ground.Site;
import theriseed.core.isolation.Barrier;
import theriseed.core.isolation.Barriers;
import theriseed.core.isolation.PollenControl;
import theriseed.core.isolation.SeasonThreats;
import theriseed.core.isolation.Stand;

/**
 * A season of any size, the same every time: plantings of every crop raised from seed, four neighbours' sources for
 * each, two hundred barriers. Each planting brings four hectares with it, so that the ground grows with the season, as it
 * does when growers join.
 */
final class MadeUpSeason {
    private static final int SOURCES_EACH = 4;
    private static final double HECTARES_EACH = 4;

    final List<Stand> stands = new ArrayList<>();
    final Barriers barriers;

    private final Random random = new Random(2026);
    private final LocalPlane farm = LocalPlane.at(new LonLat(-24.3, 54.6));
    private final BloomForecast forecast =
            new BloomForecast(new Weather(new ClimateNormals(11.75, 5.75, 25, 4), Map.of()), LocalDate.of(2026, 1, 1));
    private final double half;

    MadeUpSeason(int plantings) {
        half = Math.sqrt(plantings * HECTARES_EACH * 10_000) / 2;
        List<Crop> crops = CropTable.shipped().all().stream()
                .filter(Crop::grownFromSeed)
                .filter(crop -> crop.isolation().isPresent())
                .toList();
        for (int i = 0; i < plantings; i++) {
            Crop crop = crops.get(i % crops.size());
            stands.add(stand(crop, "variety " + i, Place.rectangle(farm, off(), off(), 12, 40, i % 90), true));
        }
        for (int i = 0; i < plantings * SOURCES_EACH; i++) {
            Crop crop = crops.get(random.nextInt(crops.size()));
            stands.add(stand(crop, "neighbour " + i, Place.spot(farm.spot(off(), off())), false));
        }
        List<Barrier> standing = new ArrayList<>();
        for (int i = 0; i < 200; i++) {
            standing.add(new Barrier(Place.rectangle(farm, off(), off(), 8, 120, i % 180), 0.4));
        }
        barriers = new Barriers(standing);
    }

    SeasonThreats threats() {
        return SeasonThreats.of(stands, barriers);
    }

    /** The first planting, pushed a little further with each step. */
    Stand dragged(int step) {
        return stands.get(0).at(Site.of(Place.rectangle(farm, step % 400 - 200, step % 300 - 150, 12, 40, 10)));
    }

    private Stand stand(Crop crop, String variety, Place place, boolean own) {
        LocalDate sown = LocalDate.of(crop.lifeCycle().flowersAfterWinter() ? 2025 : 2026, 4, 1)
                .plusDays(random.nextInt(60));
        Optional<BloomWindow> bloom =
                forecast.of(crop, 2026, GrowingDays.sown(sown)).window();
        return new Stand(
                crop,
                variety,
                Site.of(place),
                3,
                own ? 480 : 40,
                bloom,
                BloomSpread.ofBoth(7),
                PollenControl.OPEN,
                true,
                own ? Optional.of(Grade.MARKET) : Optional.empty(),
                0);
    }

    private double off() {
        return (random.nextDouble() * 2 - 1) * half;
    }
}

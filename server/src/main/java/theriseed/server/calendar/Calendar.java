package theriseed.server.calendar;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.bloom.FarmYear;
import theriseed.core.season.SeasonWork;
import theriseed.server.base.ReadsOnly;
import theriseed.server.farm.Farms;
import theriseed.server.handbook.Crops;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** The work of a season by its days; calculated when it is asked for, so that it moves when bloom does. */
@Service
public class Calendar {
    private final Plantings plantings;
    private final Crops crops;
    private final Farms farms;

    Calendar(Plantings plantings, Crops crops, Farms farms) {
        this.plantings = plantings;
        this.crops = crops;
        this.farms = farms;
    }

    /** All work of a season's plantings, in the order of its days. */
    @ReadsOnly
    public List<Entry> of(int season) {
        FarmYear year = farms.year();
        return plantings.of(season).stream()
                .flatMap(planting -> entries(planting, year))
                .sorted(Comparator.comparing(Entry::from)
                        .thenComparing(Entry::kind)
                        .thenComparing(Entry::variety))
                .toList();
    }

    /** What is due on a day, of the season it lies in and of the next, whose biennials are in the ground already. */
    @ReadsOnly
    public List<Entry> due(LocalDate day) {
        return Stream.concat(of(day.getYear()).stream(), of(day.getYear() + 1).stream())
                .filter(entry -> !entry.from().isAfter(day) && !entry.to().isBefore(day))
                .toList();
    }

    private Stream<Entry> entries(PlantingView planting, FarmYear year) {
        boolean planned = planting.bloom() != null && !planting.bloom().seen();
        return SeasonWork.of(planting.work(crops.get(planting.variety().cropKey()), year)).stream()
                .map(task -> new Entry(
                        task.kind(),
                        task.from(),
                        task.to(),
                        planting.id(),
                        planting.season(),
                        planting.variety().name(),
                        planting.variety().cropName(),
                        task.kind() == SeasonWork.Kind.CHECK_STORE ? "store" : planting.groundOn(task.from()),
                        task.about(),
                        planned));
    }
}

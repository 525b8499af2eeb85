package theriseed.server.calendar;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import theriseed.core.season.SeasonWork;
import theriseed.server.base.ReadsOnly;
import theriseed.server.handbook.Crops;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** The work of a season by its days; calculated when it is asked for, so that it moves when bloom does. */
@Service
public class Calendar {
    private final Plantings plantings;
    private final Crops crops;

    Calendar(Plantings plantings, Crops crops) {
        this.plantings = plantings;
        this.crops = crops;
    }

    /** All work of a season's plantings, in the order of its days. */
    @ReadsOnly
    public List<Entry> of(int season) {
        return plantings.of(season).stream()
                .flatMap(this::entries)
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

    private Stream<Entry> entries(PlantingView planting) {
        boolean planned = planting.bloom() != null && !planting.bloom().seen();
        return SeasonWork.of(planting.work(crops.get(planting.variety().cropKey()))).stream()
                .map(task -> new Entry(
                        task.kind(),
                        task.from(),
                        task.to(),
                        planting.id(),
                        planting.season(),
                        planting.variety().name(),
                        planting.variety().cropName(),
                        where(planting, task),
                        task.about(),
                        planned));
    }

    /** Roots have ground of their own until they are lifted, and then the store. */
    private static String where(PlantingView planting, SeasonWork.Task task) {
        LocalDate lifted = planting.liftedOn();
        if (task.kind() == SeasonWork.Kind.CHECK_STORE) {
            return "store";
        }
        return planting.rootGround() != null && lifted != null && !task.from().isAfter(lifted)
                ? planting.rootGround()
                : planting.ground();
    }
}

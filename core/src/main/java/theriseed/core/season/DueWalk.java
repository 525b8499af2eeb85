package theriseed.core.season;

import java.time.LocalDate;
import theriseed.core.crop.Stage;

/**
 * A walk a planting asks for: at one stage of the crop, within some days, both included.
 *
 * @param stage what it is called, and what shows then
 */
public record DueWalk(Stage stage, LocalDate from, LocalDate to) {
    static final int LASTS_DAYS = 7;

    static DueWalk of(Stage stage, LocalDate from) {
        return new DueWalk(stage, from, from.plusDays(LASTS_DAYS));
    }

    SeasonWork.Task task() {
        return new SeasonWork.Task(SeasonWork.Kind.WALK, from, to, stage.name() + ": " + stage.lookFor());
    }
}

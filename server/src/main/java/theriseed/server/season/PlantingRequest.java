package theriseed.server.season;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.crop.Grade;
import theriseed.core.isolation.PollenControl;
import theriseed.server.base.Changed;
import theriseed.server.base.Maybe;

/** A planting as it is sent: what is left out is as usual. */
public record PlantingRequest(
        @NotNull Integer season,
        @NotNull UUID varietyId,
        @NotNull UUID plotId,
        @Maybe List<@NotNull @Valid Stretch> stretches,
        @Maybe UUID rootPlotId,
        @Maybe List<@NotNull @Valid Stretch> rootStretches,
        @NotNull Purpose purpose,
        @NotNull Grade grade,
        @NotNull Boolean flowers,
        @NotNull LocalDate sownOn,
        @Maybe LocalDate setOutOn,
        @Maybe LocalDate liftedOn,
        @Maybe LocalDate replantedOn,
        @Maybe LocalDate clearedOn,
        @NotNull Integer plants,
        @Maybe Double inRow,
        @Maybe Double betweenRows,
        @NotNull Double germination,
        @Maybe Double selected,
        @Maybe PollenControl.Kind control,
        @Maybe Boolean everyFlower,
        @Maybe Double dropped,
        @Maybe Boolean volunteersPulled,
        @Maybe @Size(max = 40) String turns,
        @Maybe LocalDate flowersFrom,
        @Maybe LocalDate flowersUntil,
        @Maybe @Size(max = 300) String restOverruled,
        @Maybe UUID schemeId,
        @Maybe Integer version,
        @Maybe @Size(max = 300) String reason) {

    static PlantingRequest of(PlantingFacts facts, UUID schemeId, Integer version) {
        return new PlantingRequest(
                facts.season(),
                facts.varietyId(),
                facts.where().plotId(),
                facts.where().stretches(),
                facts.where().rootPlotId(),
                facts.where().rootStretches(),
                facts.aim().purpose(),
                facts.aim().grade(),
                facts.aim().flowers(),
                facts.days().sownOn(),
                facts.days().setOutOn(),
                facts.days().liftedOn(),
                facts.days().replantedOn(),
                facts.days().clearedOn(),
                facts.sowing().plants(),
                facts.sowing().inRow(),
                facts.sowing().betweenRows(),
                facts.sowing().germination(),
                facts.sowing().selected(),
                facts.keeping().control(),
                facts.keeping().everyFlower(),
                facts.keeping().dropped(),
                facts.keeping().volunteersPulled(),
                facts.keeping().turns(),
                facts.keeping().flowersFrom(),
                facts.keeping().flowersUntil(),
                facts.restOverruled(),
                schemeId,
                version,
                null);
    }

    PlantingFacts facts() {
        return new PlantingFacts(
                season,
                varietyId,
                new Where(
                        plotId,
                        stretches == null ? List.of() : stretches,
                        rootPlotId,
                        rootPlotId == null || rootStretches == null ? List.of() : rootStretches),
                new Aim(purpose, grade, flowers),
                new PlantingDays(sownOn, setOutOn, liftedOn, replantedOn, clearedOn),
                new Sowing(plants, inRow, betweenRows, germination, selected == null ? 1 : selected),
                new Keeping(
                        control == null ? PollenControl.Kind.OPEN : control,
                        everyFlower == null || everyFlower,
                        dropped == null ? 0 : dropped,
                        volunteersPulled != null && volunteersPulled,
                        turns == null || control != PollenControl.Kind.BY_TURNS ? "" : turns.strip(),
                        flowersFrom,
                        flowersUntil),
                restOverruled == null ? "" : restOverruled);
    }

    Changed made() {
        return new Changed(version, reason);
    }
}

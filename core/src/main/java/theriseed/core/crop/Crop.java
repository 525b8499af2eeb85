package theriseed.core.crop;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * What is generally known of a crop: one row of the crop table. Figures are typical mid-points; the farm's own records
 * rule where they differ.
 *
 * @param crossesWith other groups whose pollen this crop takes, with the share of a full cross (0 to 1)
 * @param naturalOutcrossing share of seed fathered by another plant, 0 to 1
 * @param isolation metres to the nearest flowering source of the same group; none for clonal crops
 * @param plants plants that should give seed
 * @param baseTemperature &deg;C below which nothing develops
 * @param degreeDaysToFlower &deg;C d above the base: annuals from sowing, others from spring regrowth
 * @param inRow metres between plants
 * @param betweenRows metres between rows
 * @param fermentHours hours at 22 &deg;C, where fermenting is done
 * @param seedShare share of what is harvested that ends as clean seed, 0 to 1: of fresh fruit for wet crops, of dry
 *     plant tops, heads or pods otherwise
 * @param thousandSeedWeight grams
 * @param seedPerPlant grams a plant at this spacing
 * @param maxDryingTemperature &deg;C of seed already below about 18 % moisture
 * @param storageMoisture percent, wet basis, upper limit for sealed packs
 * @param germinationStandard percent asked by usual sale standards
 * @param stages at which its rows are walked, in their order
 * @param eatenBeforeFlowering whether there is something to eat of it before it flowers, so that eating it ends its bloom
 */
public record Crop(
        String key,
        String name,
        String species,
        String family,
        String crossingGroup,
        Map<String, Double> crossesWith,
        LifeCycle lifeCycle,
        Optional<BreedingSystem> breedingSystem,
        double naturalOutcrossing,
        String vector,
        String selfIncompatible,
        String sexes,
        boolean crossesShowSameYear,
        Optional<ByGrade> isolation,
        String isolationNote,
        ByGrade plants,
        double baseTemperature,
        OptionalDouble degreeDaysToFlower,
        int floweringDays,
        int daysFlowerToRipeSeed,
        int ripeningSpreadDays,
        int vernalisationWeeks,
        String overwinter,
        double inRow,
        double betweenRows,
        Optional<SeedProcess> seedProcess,
        String shatterRisk,
        String ferment,
        Optional<Usual> fermentHours,
        Optional<Usual> seedShare,
        double thousandSeedWeight,
        Usual seedPerPlant,
        OptionalDouble maxDryingTemperature,
        OptionalDouble storageMoisture,
        double germinationStandard,
        String testTemperature,
        int firstCountDay,
        int finalCountDay,
        String dormancyTreatment,
        double storageYears,
        String preSowingNote,
        String ripenessCues,
        List<Stage> stages,
        Handling handling,
        List<String> commonOffTypes,
        String hazards,
        List<String> aliases,
        boolean eatenBeforeFlowering) {

    /** Its stages as it is grown, in their order. @param lifted when its roots are lifted for the store; none where they stay */
    public List<Stage> stages(Optional<LocalDate> lifted) {
        return stages.stream().filter(stage -> stage.of(lifeCycle, lifted)).toList();
    }

    /** Whether seed is raised from it at all; clonal crops are kept by tubers or bulbs. */
    public boolean grownFromSeed() {
        return seedProcess.isPresent();
    }

    /** Whether its seed is set by another plant's pollen as a rule; taken so where the breeding system is not known. */
    public boolean crossesFreely() {
        return breedingSystem.orElse(BreedingSystem.OUTCROSSING) == BreedingSystem.OUTCROSSING;
    }

    /** Share of a full cross that pollen of the other crop makes on this one: 1 in the same group, 0 for none. */
    public double takesPollenOf(Crop other) {
        return crossingGroup.equals(other.crossingGroup) ? 1 : crossesWith.getOrDefault(other.crossingGroup, 0.0);
    }

    /** Whether it is an annual that is sown before the winter and seeds after it. */
    public boolean goesThroughWinter() {
        return lifeCycle == LifeCycle.ANNUAL && overwinter.equals("in-ground");
    }
}

package theriseed.core.bench;

import java.util.List;
import theriseed.core.crop.Crop;
import theriseed.core.crop.SeedProcess;

/** The usual order of steps from what was picked to clean seed. */
public record Chain(List<StepKind> steps) {
    private static final Chain WET =
            new Chain(List.of(StepKind.EXTRACT, StepKind.FERMENT, StepKind.RINSE, StepKind.DRY));
    private static final Chain WASHED = new Chain(List.of(StepKind.EXTRACT, StepKind.RINSE, StepKind.DRY));
    private static final Chain DRY =
            new Chain(List.of(StepKind.DRY, StepKind.THRESH, StepKind.SCREEN, StepKind.WINNOW, StepKind.HAND_PICK));
    private static final Chain DRY_FRUIT = new Chain(List.of(StepKind.EXTRACT, StepKind.DRY, StepKind.HAND_PICK));

    public static Chain of(Crop crop) {
        return switch (crop.seedProcess().orElse(SeedProcess.DRY)) {
            case WET -> crop.ferment().equals("recommended") || crop.ferment().equals("optional") ? WET : WASHED;
            case DRY -> DRY;
            case DRY_FRUIT -> DRY_FRUIT;
        };
    }

    /** The step to offer after those done: the first later in the chain than the last one done, or null at the end. */
    public StepKind next(List<StepKind> done) {
        int place = -1;
        for (StepKind kind : done) {
            place = Math.max(place, steps.indexOf(kind));
        }
        return place + 1 < steps.size() ? steps.get(place + 1) : null;
    }

    /** Moisture taken for what was picked when none was measured, percent. */
    public double usualMoistureAtHarvest() {
        return steps.get(0) == StepKind.EXTRACT ? 93 : 20;
    }
}

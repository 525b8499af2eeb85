package theriseed.server.bench;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.UUID;
import theriseed.core.bench.Setting;
import theriseed.server.base.Maybe;

/**
 * Seed that was looked at to see whether a step was set right, and what it says.
 *
 * @param found sound ones of what was thrown out, or broken ones of what was kept
 * @param discarded grams of seed thrown out; absent where the kept was looked at
 * @param enough seeds in all that would likely settle it; absent when it is settled, or never will be
 */
public record SettingCheckView(
        UUID id,
        int version,
        UUID stepId,
        LocalDate lookedOn,
        Setting.Look look,
        int seeds,
        int found,
        @Maybe BigDecimal discarded,
        Setting setting,
        @Maybe Integer enough,
        String recordedBy) {}

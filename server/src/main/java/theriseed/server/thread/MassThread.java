package theriseed.server.thread;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Maybe;

/** A lot's mass from harvest on, to be drawn as a ribbon: knots along it, what leaves it, and where it ends. Grams. */
public record MassThread(List<Knot> knots, List<End> ends, boolean estimated) {

    /**
     * One act on the lot.
     *
     * @param step nothing for the harvest
     * @param mass as weighed
     * @param dry dry matter in it, by measured or usual moisture
     * @param wet whether the seed is wet after it
     * @param leaving what left the lot in it
     */
    public record Knot(
            @Maybe StepKind step,
            UUID recordId,
            LocalDate on,
            double mass,
            double dry,
            boolean wet,
            boolean alarm,
            List<Leaving> leaving) {}

    /** A side stream. */
    public record Leaving(String what, double mass, String goneTo) {}

    /** What the thread ends in. */
    public record End(EndKind kind, double mass, int packets, int sold) {}

    /** Packets filled, seed in bulk, bulk sold. */
    public enum EndKind {
        PACKETS,
        BULK,
        BULK_SOLD
    }
}

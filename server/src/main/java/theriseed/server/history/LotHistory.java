package theriseed.server.history;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import theriseed.core.bench.StepKind;
import theriseed.server.base.Maybe;

/** A lot's mass from harvest on, to be drawn as a ribbon: knots along it, what leaves it, and where it ends. Grams. */
public record LotHistory(List<Start> starts, List<Knot> knots, List<Event> events, List<End> ends, boolean estimated) {

    /**
     * One act on the lot.
     *
     * @param step nothing for the harvest, or for what was transferred in
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

    /**
     * Something that was seen or decided, knotted into the history between two acts.
     *
     * @param before place in the list of knots that it came before; as many as there are for after the last
     * @param found off-types or bored seed, {@code of} so many looked at
     * @param figure germination in percent, or grams of a thousand seeds
     * @param because why it was held
     * @param alarm whether there is something the matter
     */
    public record Event(
            EventKind kind,
            UUID recordId,
            LocalDate on,
            int before,
            @Maybe Integer found,
            @Maybe Integer of,
            @Maybe Double figure,
            String because,
            boolean alarm) {}

    /** What kind of thing. */
    public enum EventKind {
        WALK,
        GERMINATION,
        SEED_WEIGHT,
        PURITY,
        MOISTURE,
        CUT,
        GROW_OUT,
        WEEVILS,
        HELD
    }

    /** A side stream. */
    public record Leaving(String what, double mass, String goneTo) {}

    /** A lot that some of it came of. */
    public record Start(String number, double mass) {}

    /**
     * What the history ends in.
     *
     * @param number of the lot it was transferred into
     */
    public record End(
            EndKind kind,
            double mass,
            int packets,
            int sold,
            @Maybe String number) {}

    /** Packets filled, seed in bulk, bulk sold, transferred into another lot. */
    public enum EndKind {
        PACKETS,
        BULK,
        BULK_SOLD,
        TRANSFERRED
    }
}

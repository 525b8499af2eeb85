package theriseed.server.blend;

import java.math.BigDecimal;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.NewLots;
import theriseed.server.quality.GerminationView;

/**
 * A lot that stands where another may be transferred into it, and what is known of it.
 *
 * @param available grams of it
 * @param kept grams for the farm's own sowing, which are not
 */
record There(LotKnown known, BigDecimal available, BigDecimal kept) {
    /** The same with what is kept for the farm's own sowing. */
    There withKept() {
        return known.bench().clean() ? new There(known, available.add(kept), kept) : this;
    }

    LotView lot() {
        return known.lot();
    }

    Double germination() {
        GerminationView test = known.tests().germination();
        return test == null || !test.result().acceptable()
                ? null
                : (double) test.result().reported();
    }

    Double thousandSeedWeight() {
        return known.tests().seedWeight() == null
                ? null
                : known.tests().seedWeight().result().thousandSeedWeight();
    }

    BlendPlan.Ingredient taking(BigDecimal mass) {
        return new BlendPlan.Ingredient(
                lot().number(),
                lot().season(),
                lot().grade(),
                available,
                kept,
                mass,
                germination(),
                thousandSeedWeight(),
                known.purity(),
                known.moisture());
    }

    /** What goes into a blend: each lot with the mass taken. */
    record Taken(There from, BigDecimal mass) {
        BlendPlan.Ingredient ingredient() {
            return from.taking(mass);
        }

        NewLots.Portion portion() {
            return new NewLots.Portion(from.lot(), mass, from.known().moisture());
        }
    }
}

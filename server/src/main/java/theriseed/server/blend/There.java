package theriseed.server.blend;

import java.math.BigDecimal;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.NewLots;

/** A lot that stands where another may be poured into it, and what is known of it. */
record There(LotKnown known, BigDecimal available) {
    LotView lot() {
        return known.lot();
    }

    Double germination() {
        return known.tests().germination() == null
                ? null
                : (double) known.tests().germination().result().reported();
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

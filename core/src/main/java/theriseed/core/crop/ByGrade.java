package theriseed.core.crop;

import theriseed.core.measure.Range;

/** A figure that differs by grade, such as metres of isolation or plants to keep. */
public record ByGrade(double ownUse, double market, double stock) {
    public ByGrade {
        Range usual = Range.of(0, 1e6, "");
        usual.check("ownUse", ownUse);
        usual.check("market", market);
        usual.check("stock", stock);
    }

    public double of(Grade grade) {
        return switch (grade) {
            case OWN_USE -> ownUse;
            case MARKET -> market;
            case STOCK -> stock;
        };
    }
}

package theriseed.core.crop;

/** A figure that differs by grade, such as metres of isolation or plants to keep. */
public record ByGrade(double ownUse, double market, double stock) {
    public double of(Grade grade) {
        return switch (grade) {
            case OWN_USE -> ownUse;
            case MARKET -> market;
            case STOCK -> stock;
        };
    }
}

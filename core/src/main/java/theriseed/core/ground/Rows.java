package theriseed.core.ground;

import theriseed.core.measure.Range;

/**
 * The rows of a stand: along the length of each piece of its ground, side by side, filled one after the other.
 *
 * @param count rows in all
 * @param plantsEach plants in a full row
 */
public record Rows(int count, int plantsEach) {
    private static final int MOST = 400;
    private static final Range COUNT = Range.of(1, MOST, "rows");

    /**
     * As the ground and the spacing give them.
     *
     * @param plants in all, at least 1
     * @param inRow metres between plants; {@code betweenRows} between rows
     */
    public static Rows of(Site site, int plants, double inRow, double betweenRows) {
        int room = 0;
        int longest = 1;
        for (Place part : site.parts()) {
            room += Math.max(1, (int) Math.floor(part.narrowSide() / betweenRows));
            longest = Math.max(longest, (int) Math.floor(part.length() / inRow));
        }
        int needed = (plants + longest - 1) / longest;
        return counted(Math.max(1, Math.min(MOST, Math.min(room, needed))), plants);
    }

    /** As many rows as somebody counted, with the plants spread over them. */
    public static Rows counted(int count, int plants) {
        COUNT.check("rows", count);
        return new Rows(count, (plants + count - 1) / count);
    }

    /**
     * Where a plant stands.
     *
     * @param row from 1
     * @param along metres from the row's western end, or its southern when it runs north
     */
    public LonLat spot(Site site, int row, double along) {
        Range.of(1, count, "row").check("row", row);
        int parts = site.parts().size();
        int inPart = (count + parts - 1) / parts;
        Place part = site.parts().get((row - 1) / inPart);
        Range.of(0, Math.ceil(part.length()), "m").check("along", along);
        double across = ((row - 1) % inPart + 0.5) / inPart * part.narrowSide();
        return part.at(along, across);
    }
}

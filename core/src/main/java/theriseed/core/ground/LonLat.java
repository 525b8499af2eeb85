package theriseed.core.ground;

import theriseed.core.measure.Range;

/** A spot on the ellipsoid, degrees: longitude -180 to 180, latitude -75 to 75 (beyond, the local plane is too crude). */
public record LonLat(double lon, double lat) {
    private static final Range LON = Range.of(-180, 180, "degrees");
    private static final Range LAT = Range.of(-75, 75, "degrees");

    /** The farm's own spot, refused under the names {@code lon} and {@code lat} when no farm can be there. */
    public static LonLat of(double lon, double lat) {
        return new LonLat(LON.check("lon", lon), LAT.check("lat", lat));
    }

    /** A corner of a shape, refused under the name {@code field} when it cannot be on a farm. */
    public static LonLat of(String field, double lon, double lat) {
        return new LonLat(LON.check(field + ".lon", lon), LAT.check(field + ".lat", lat));
    }
}

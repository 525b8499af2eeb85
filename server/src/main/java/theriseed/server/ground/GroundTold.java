package theriseed.server.ground;

/**
 * How a file from a GIS is to be read, as far as somebody said.
 *
 * @param kind of shapes that do not say it themselves; null where nobody said
 * @param named property that names shapes; null for the usual ones
 * @param grid EPSG code of the grid its positions are in; null for what the file says
 */
record GroundTold(OnMap kind, String named, String grid) {}

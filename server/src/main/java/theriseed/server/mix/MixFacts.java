package theriseed.server.mix;

/**
 * What a mix is called and how it is sown.
 *
 * @param seedsPerSquareMetre of all parts together; null where nobody says
 */
public record MixFacts(String name, Integer seedsPerSquareMetre, String note) {}

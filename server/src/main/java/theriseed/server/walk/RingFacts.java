package theriseed.server.walk;

import theriseed.core.crop.Grade;

/**
 * What was decided about the seed round an off-type.
 *
 * @param row where it stood, from 1; {@code along} metres from the row's western or southern end
 * @param radius metres
 * @param grade the lower one; null unless the whole is graded down
 */
public record RingFacts(int row, double along, double radius, Decision decision, Grade grade, String reason) {}

package theriseed.server.letterhead;

import java.util.UUID;
import theriseed.server.base.Maybe;

/** What stands at the head and the foot of the farm's papers. @param version -1 while nothing was said
 * @param id absent until then */
public record LetterheadView(@Maybe UUID id, int version, LetterheadFacts facts) {}

package theriseed.server.letterhead;

/** What stands at the head and the foot of the farm's papers. @param version -1 while nothing was said */
public record LetterheadView(int version, LetterheadFacts facts) {}

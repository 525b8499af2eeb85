package theriseed.server.walk;

import theriseed.core.roguing.WalkVerdict;

/** What all walks of one stage together have shown. */
public record StageVerdict(String stage, int lookedAt, int offTypes, WalkVerdict verdict) {}

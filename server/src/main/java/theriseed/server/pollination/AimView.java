package theriseed.server.pollination;

import theriseed.server.base.Clash;

/** @param version {@value Clash#NONE} while the grower has not said it */
record AimView(int version, AimFacts facts) {}

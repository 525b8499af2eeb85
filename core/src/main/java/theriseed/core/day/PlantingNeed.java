package theriseed.core.day;

import java.time.LocalDate;
import theriseed.core.roguing.WalkVerdict;
import theriseed.core.season.RipensHere;

/** Something a planting waits for in its rows. */
public sealed interface PlantingNeed {
    /** Whether waiting a day spoils something. */
    boolean urgent();

    /** A stage asks for a walk that nobody has done. @param place of the stage among those that were told */
    record WalkStage(int place, boolean urgent) implements PlantingNeed {}

    /** It was never walked, and blooms or is about to. */
    record WalkFirst(boolean urgent) implements PlantingNeed {}

    /** What was walked does not show yet that it is true, or shows that it is not. */
    record WalkOn(WalkVerdict verdict, boolean urgent) implements PlantingNeed {}

    /** Its first seed should be ripe, and nothing is picked. */
    record LookWhetherRipe(LocalDate since) implements PlantingNeed {
        @Override
        public boolean urgent() {
            return false;
        }
    }

    /** Its seed is not likely to ripen before frost or cold. @param here whether and when */
    record DecideRipening(RipensHere here) implements PlantingNeed {
        @Override
        public boolean urgent() {
            return false;
        }
    }

    /** Whether it blooms would change what is judged. @param over whether it is asked if the bloom is over, else if it began */
    record LookAtBloom(boolean over) implements PlantingNeed {
        @Override
        public boolean urgent() {
            return false;
        }
    }

    /** It was sown, and nobody wrote down with what: nothing can be traced back beyond it. @param since the day it was sown */
    record SayWhatWasSown(LocalDate since) implements PlantingNeed {
        @Override
        public boolean urgent() {
            return false;
        }
    }

    /** More foreign pollen reaches it than its grade allows. */
    record DecideIsolation() implements PlantingNeed {
        @Override
        public boolean urgent() {
            return false;
        }
    }
}

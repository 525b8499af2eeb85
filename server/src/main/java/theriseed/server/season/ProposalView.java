package theriseed.server.season;

import java.time.LocalDate;
import theriseed.core.season.ProposedDays;
import theriseed.server.base.Maybe;

/**
 * What is proposed for a planting of a variety that is not planned yet.
 *
 * @param plants that its grade needs
 */
public record ProposalView(
        LocalDate sownOn,
        @Maybe LocalDate setOutOn,
        @Maybe LocalDate liftedOn,
        @Maybe LocalDate replantedOn,
        @Maybe LocalDate clearedOn,
        int plants) {
    static ProposalView of(ProposedDays days, int plants) {
        return new ProposalView(
                days.sown(),
                days.setOut().orElse(null),
                days.lifted().orElse(null),
                days.replanted().orElse(null),
                days.cleared().orElse(null),
                plants);
    }
}

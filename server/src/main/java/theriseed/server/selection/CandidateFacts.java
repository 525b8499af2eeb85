package theriseed.server.selection;

import java.time.LocalDate;
import java.util.UUID;

/**
 * A plant or fruit as it is marked.
 *
 * @param fromRowId the progeny row it stands in; null outside a trial
 */
public record CandidateFacts(CandidateKind kind, String tag, LocalDate markedOn, UUID fromRowId, String note) {}

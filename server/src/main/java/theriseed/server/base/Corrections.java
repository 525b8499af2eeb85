package theriseed.server.base;

import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps what corrections replace. */
@Service
public class Corrections {
    private final CorrectionRepository corrections;
    private final Stamps stamps;

    Corrections(CorrectionRepository corrections, Stamps stamps) {
        this.corrections = corrections;
        this.stamps = stamps;
    }

    /**
     * Writes down every field whose value differs, with the reason.
     *
     * @throws Refused when no reason is given
     */
    @Transactional
    public void keep(String subject, UUID id, Map<String, ?> before, Map<String, ?> after, String reason) {
        if (reason == null || reason.isBlank()) {
            throw new Refused("reason", "", "correction.reason");
        }
        Stamp stamp = stamps.now();
        before.forEach((field, was) -> {
            Object became = after.get(field);
            if (!Objects.equals(plain(was), plain(became))) {
                corrections.save(new Correction(subject, id, field, plain(was), plain(became), reason, stamp));
            }
        });
    }

    @ReadsOnly
    public List<CorrectionView> of(Collection<UUID> subjects) {
        return corrections.findBySubjectIdInOrderByRecordedAtDescIdDesc(subjects).stream()
                .map(Correction::view)
                .toList();
    }

    private static String plain(Object value) {
        if (value instanceof java.math.BigDecimal number) {
            return number.stripTrailingZeros().toPlainString();
        }
        return value == null ? "" : value.toString();
    }
}

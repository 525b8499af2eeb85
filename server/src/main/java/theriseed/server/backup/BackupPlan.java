package theriseed.server.backup;

import jakarta.persistence.Entity;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.regex.Pattern;
import theriseed.core.measure.Range;
import theriseed.server.base.Recorded;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamp;

/** How backups of the one farm are made. */
@Entity
class BackupPlan extends Recorded {
    private static final Range HOURS = Range.of(1, 168, "hours");
    private static final Range KEPT = Range.of(2, 365, "backups");

    /**
     * Backups are written by whoever started the program, who may write anywhere: a folder is taken only if it was made for
     * this by name. A disk that is not there has no such folder, so nothing is written beside it.
     */
    private static final Pattern FOLDER = Pattern.compile("(/(?!\\.\\.?/)[^/\\p{Cntrl}]+)*/theriseed-backups");

    private int everyHours;
    private int keep;
    private String elsewhere;

    protected BackupPlan() {}

    BackupPlan(BackupFacts facts, Stamp stamp) {
        super(stamp);
        change(facts);
    }

    final void change(BackupFacts facts) {
        HOURS.check("everyHours", facts.everyHours());
        KEPT.check("keep", facts.keep());
        String folder = facts.elsewhere().strip();
        if (!folder.isEmpty() && !FOLDER.matcher(folder).matches()) {
            throw new Refused("elsewhere", folder, "backup.noSuchFolder");
        }
        everyHours = facts.everyHours();
        keep = facts.keep();
        elsewhere = folder;
    }

    Map<String, Object> correctable() {
        Map<String, Object> facts = new LinkedHashMap<>();
        facts.put("everyHours", everyHours);
        facts.put("keep", keep);
        facts.put("elsewhere", elsewhere);
        return facts;
    }

    BackupFacts facts() {
        return new BackupFacts(everyHours, keep, elsewhere);
    }
}

package theriseed.server.bench;

import java.util.List;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamp;
import theriseed.server.base.Stamps;

/** Which cautions each person has read this season. */
@Service
class Cautions {
    private final CautionReadRepository read;
    private final Stamps stamps;
    private final FarmTime time;

    Cautions(CautionReadRepository read, Stamps stamps, FarmTime time) {
        this.read = read;
        this.stamps = stamps;
        this.time = time;
    }

    /** Those that whoever asks has read this season. */
    @ReadsOnly
    public List<String> read() {
        return read
                .findBySeasonAndRecordedByOrderByCaution(
                        time.today().getYear(), stamps.now().by())
                .stream()
                .map(CautionRead::caution)
                .toList();
    }

    /** Said twice it is said once. */
    @HandsWork
    @Transactional
    public List<String> read(String caution) {
        Stamp stamp = stamps.now();
        int season = time.today().getYear();
        if (!read.existsBySeasonAndRecordedByAndCaution(season, stamp.by(), caution)) {
            read.saveAndFlush(new CautionRead(season, caution, stamp));
        }
        return read();
    }
}

package theriseed.server.stall;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;
import theriseed.server.base.FarmTime;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/**
 * The lots one would find: with seed left, at the bench, being tested, or numbered lately and still empty. The database
 * tells them by sums, so that nothing is calculated of those that were sold out long ago.
 */
@Service
public class LotsHere {
    /** Seed older than that is not sold. */
    private static final int YEARS = 12;

    private final LotsHereRepository here;
    private final Lots lots;
    private final FarmTime time;

    LotsHere(LotsHereRepository here, Lots lots, FarmTime time) {
        this.here = here;
        this.lots = lots;
        this.time = time;
    }

    /** All of the last twelve seasons, newest first. */
    @ReadsOnly
    public List<LotView> all() {
        return lots(ids());
    }

    /** The same, a page of them. */
    @ReadsOnly
    public PageOf<LotView> page(int page, int size) {
        PageOf<UUID> ids = PageOf.of(ids(), page, size);
        return ids.with(lots(ids.items()));
    }

    /** The same with those that are gone, without those that never had anything in them. */
    @ReadsOnly
    public List<LotView> ever() {
        return lots(here.filled(time.today().getYear() - YEARS));
    }

    private List<UUID> ids() {
        int year = time.today().getYear();
        return here.since(year - YEARS, year - 1);
    }

    private List<LotView> lots(List<UUID> ids) {
        Map<UUID, LotView> found = lots.byIds(ids).stream().collect(Collectors.toMap(LotView::id, lot -> lot));
        return ids.stream().map(found::get).toList();
    }
}

package theriseed.server.lot;

import java.time.Instant;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.data.domain.Limit;
import org.springframework.data.domain.Page;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.lot.LotNumber;
import theriseed.core.measure.OutOfRange;
import theriseed.server.base.NotFound;
import theriseed.server.base.PageOf;
import theriseed.server.base.ReadsOnly;
import theriseed.server.photo.Pictured;

/** Finds lots, and locks them for whoever takes from them. */
@Service
public class Lots implements Pictured {
    private final LotRepository lots;

    Lots(LotRepository lots) {
        this.lots = lots;
    }

    /**
     * The lot with this number.
     *
     * @throws theriseed.core.measure.OutOfRange when the check character says that it is mistyped
     */
    @ReadsOnly
    public LotView get(String typed) {
        return lots.findByFolded(LotNumber.read(typed)).map(Lot::view).orElseThrow(NotFound.of("lot"));
    }

    /**
     * The lots with these numbers, by what was typed: their own, or else the ones they had before they had these; those that
     * are mistyped or not there are left out.
     */
    @ReadsOnly
    public Map<String, LotView> find(Collection<String> typed) {
        Map<String, String> folded = new HashMap<>();
        for (String number : typed) {
            if (readable(number)) {
                folded.put(number, LotNumber.folded(number));
            }
        }
        Map<String, LotView> byFolded = lots.findByFoldedIn(Set.copyOf(folded.values())).stream()
                .collect(Collectors.toMap(lot -> LotNumber.folded(lot.view().number()), Lot::view));
        Map<String, LotView> before = onceCalled(typed);
        Map<String, LotView> found = new HashMap<>();
        for (String number : typed) {
            LotView lot = byFolded.getOrDefault(folded.get(number), before.get(small(number)));
            if (lot != null) {
                found.put(number, lot);
            }
        }
        return found;
    }

    private Map<String, LotView> onceCalled(Collection<String> typed) {
        Set<String> small = typed.stream().map(Lots::small).collect(Collectors.toSet());
        return lots.onceCalled(small).stream()
                .map(Lot::view)
                .collect(Collectors.toMap(lot -> small(lot.oldNumber()), lot -> lot, (one, other) -> one));
    }

    private static String small(String number) {
        return number.strip().toLowerCase(Locale.ROOT);
    }

    /** When each of these lots was first written down here. */
    @ReadsOnly
    public Map<UUID, Instant> recordedAt(Collection<UUID> ids) {
        return lots.findByIds(ids.toArray(UUID[]::new)).stream().collect(Collectors.toMap(Lot::id, Lot::recordedAt));
    }

    private static boolean readable(String typed) {
        try {
            LotNumber.read(typed);
            return true;
        } catch (OutOfRange mistyped) {
            return false;
        }
    }

    /** The newest lots of these varieties, newest first. @param most so many */
    @ReadsOnly
    public List<LotView> newest(Collection<UUID> varieties, int most) {
        return lots.findByVarietyIdInOrderBySeasonDescNumberDesc(varieties, Limit.of(most)).stream()
                .map(Lot::view)
                .toList();
    }

    /** The ids of all lots of a variety. */
    @ReadsOnly
    public Set<UUID> idsOfVariety(UUID variety) {
        return lots.idsOf(variety);
    }

    /** The lots of these varieties, oldest first. */
    @ReadsOnly
    public List<LotView> ofVarieties(Collection<UUID> varieties) {
        return lots.findByVarietyIdInOrderBySeasonAscNumberAsc(varieties).stream()
                .map(Lot::view)
                .toList();
    }

    /** The number of every lot there ever was. */
    @ReadsOnly
    public Map<UUID, String> numbersById() {
        return lots.numbers().stream()
                .collect(Collectors.toMap(LotRepository.Numbered::id, LotRepository.Numbered::number));
    }

    /** The lots with these ids, in their order; those that are not there are left out. */
    @ReadsOnly
    public List<LotView> byIds(Collection<UUID> ids) {
        Map<UUID, LotView> found = lots.findByIds(ids.toArray(UUID[]::new)).stream()
                .map(Lot::view)
                .collect(Collectors.toMap(LotView::id, lot -> lot));
        return ids.stream().filter(found::containsKey).map(found::get).toList();
    }

    /** The ids of all lots there ever were, newest first. */
    @ReadsOnly
    public List<UUID> ids() {
        return lots.ids();
    }

    @ReadsOnly
    public LotView byId(UUID id) {
        return lots.findById(id).map(Lot::view).orElseThrow(NotFound.of("lot"));
    }

    /** As {@link #get}, but nobody else can take from the lot until the transaction ends. */
    @Transactional
    public LotView lock(String typed) {
        return lots.lockByFolded(LotNumber.read(typed)).map(Lot::view).orElseThrow(NotFound.of("lot"));
    }

    /**
     * As {@link #lock(String)}, several at once, by what was typed. Whoever locks several does so in the order of their
     * numbers, so that no two wait for each other.
     */
    @Transactional
    public Map<String, LotView> lock(Collection<String> typed) {
        Map<String, LotView> locked =
                lots
                        .lockAllByFolded(
                                typed.stream().map(LotNumber::read).distinct().toList())
                        .stream()
                        .map(Lot::view)
                        .collect(Collectors.toMap(lot -> LotNumber.folded(lot.number()), lot -> lot));
        return typed.stream().distinct().collect(Collectors.toMap(number -> number, number -> {
            LotView lot = locked.get(LotNumber.read(number));
            if (lot == null) {
                throw NotFound.of("lot").get();
            }
            return lot;
        }));
    }

    /** The same by id. */
    @Transactional
    public List<LotView> lockAll(Collection<UUID> ids) {
        return lots.lockAllById(ids).stream().map(Lot::view).toList();
    }

    /** The same for all lots of these varieties, oldest first. */
    @Transactional
    public List<LotView> lockOfVarieties(Collection<UUID> varieties) {
        return lots.lockAllByVariety(varieties).stream()
                .map(Lot::view)
                .sorted(Comparator.comparingInt(LotView::season).thenComparing(LotView::number))
                .toList();
    }

    @ReadsOnly
    public PageOf<LotView> page(int page, int size) {
        Page<Lot> found = lots.findAllByOrderBySeasonDescNumberAsc(PageOf.request(page, size));
        return PageOf.of(found, found.map(Lot::view).toList());
    }

    /** How many lots there ever were. */
    @ReadsOnly
    public long ever() {
        return lots.count();
    }

    /** The lots picked from these plantings. */
    @ReadsOnly
    public List<LotView> of(Collection<UUID> plantingIds) {
        return lots.findByPlantingIdInAndOriginOrderByNumber(plantingIds, Origin.PICKED).stream()
                .map(Lot::view)
                .toList();
    }

    /** The lots of one season, by number. */
    @ReadsOnly
    public List<LotView> ofSeason(int season) {
        return lots.findBySeasonOrderByNumber(season).stream().map(Lot::view).toList();
    }

    @ReadsOnly
    public List<LotView> since(int season) {
        return lots.findBySeasonGreaterThanEqualOrderByNumber(season).stream()
                .map(Lot::view)
                .toList();
    }

    @Override
    public boolean mayHavePictures(UUID id) {
        return lots.existsById(id);
    }
}

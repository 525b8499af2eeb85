package theriseed.server.pollination;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bloom.BloomWindow;
import theriseed.core.measure.Range;
import theriseed.core.pollination.CoverVerdict;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Once;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.season.PlantingView;
import theriseed.server.season.Plantings;

/** Bags and cages: put on before bloom, shaken or filled with insects, taken off after the fruit has set. */
@Service
public class Covers {
    private final CoverRepository covers;
    private final CoverEventRepository events;
    private final Plantings plantings;
    private final Corrections corrections;
    private final Once once;
    private final Stamps stamps;
    private final FarmTime time;

    Covers(
            CoverRepository covers,
            CoverEventRepository events,
            Plantings plantings,
            Corrections corrections,
            Once once,
            Stamps stamps,
            FarmTime time) {
        this.covers = covers;
        this.events = events;
        this.plantings = plantings;
        this.corrections = corrections;
        this.once = once;
        this.stamps = stamps;
        this.time = time;
    }

    /** What may have been corrected of these covers: themselves, and what was done with them. */
    List<UUID> correctable(List<CoverView> shown) {
        List<UUID> ids = shown.stream().map(CoverView::id).toList();
        return ids.isEmpty()
                ? ids
                : Stream.concat(
                                ids.stream(),
                                events.findByCoverIdIn(ids).stream().map(CoverEvent::id))
                        .toList();
    }

    @ReadsOnly
    public List<CoverView> of(PlantingView planting) {
        return of(List.of(planting)).getOrDefault(planting.id(), List.of());
    }

    /** Covers of these plantings, in the order they were put on; plantings without are left out. */
    @ReadsOnly
    public Map<UUID, List<CoverView>> of(Collection<PlantingView> of) {
        Map<UUID, PlantingView> byId = of.stream().collect(Collectors.toMap(PlantingView::id, planting -> planting));
        if (byId.isEmpty()) {
            return Map.of();
        }
        List<Cover> found = covers.findByPlantingIdInOrderByPutOnAscIdAsc(byId.keySet());
        Map<UUID, List<CoverEventView>> done = done(found);
        return found.stream()
                .collect(Collectors.groupingBy(
                        Cover::plantingId,
                        Collectors.mapping(
                                cover -> view(cover, byId.get(cover.plantingId()), done), Collectors.toList())));
    }

    private Map<UUID, List<CoverEventView>> done(List<Cover> found) {
        return found.isEmpty()
                ? Map.of()
                : events
                        .findByCoverIdInAndTakenBackFalseOrderByFirstDayAscIdAsc(
                                found.stream().map(Cover::id).toList())
                        .stream()
                        .collect(Collectors.groupingBy(
                                CoverEvent::coverId, Collectors.mapping(CoverEvent::view, Collectors.toList())));
    }

    @HandsWork
    @Transactional
    public CoverView putOn(UUID id, UUID plantingId, CoverFacts facts) {
        PlantingView planting = plantings.get(plantingId);
        Cover cover = once.record(id, () -> covers.findById(id), () -> {
            SeasonDates.check("putOn", facts.putOn(), planting.sownOn().plusDays(1), time.today());
            checkTag(id, plantingId, facts.tag().strip());
            return covers.saveAndFlush(new Cover(id, plantingId, facts, stamps.now()));
        });
        return judged(cover, planting);
    }

    private void checkTag(UUID id, UUID plantingId, String tag) {
        if (covers.existsByPlantingIdAndTagIgnoreCaseAndIdNot(plantingId, tag, id)) {
            throw new Refused("tag", tag, "cover.tagTaken", "tag", tag);
        }
    }

    /** Corrects how a cover was put on; what was done with it stays. */
    @HandsWork
    @Transactional
    public CoverView correct(UUID id, int version, String reason, CoverFacts facts) {
        Cover cover = covers.findById(id).orElseThrow(NotFound.of("cover"));
        PlantingView planting = plantings.get(cover.plantingId());
        List<CoverEventView> done = done(List.of(cover)).getOrDefault(id, List.of());
        if (cover.version() != version) {
            Clash.check(cover, version, view(cover, planting, Map.of(id, done)));
        }
        LocalDate first = Stream.concat(
                        Stream.of(cover.takenOff() == null ? time.today() : cover.takenOff()),
                        done.stream().map(CoverEventView::firstDay))
                .min(Comparator.naturalOrder())
                .orElseThrow();
        SeasonDates.check("putOn", facts.putOn(), planting.sownOn().plusDays(1), first);
        checkTag(id, cover.plantingId(), facts.tag().strip());
        Map<String, Object> before = cover.correctable();
        cover.change(facts);
        corrections.keep("cover", id, before, cover.correctable(), reason);
        return judged(covers.saveAndFlush(cover), planting);
    }

    /** What was written down of a cover did not happen. */
    @HandsWork
    @Transactional
    public CoverView takeBack(UUID eventId, int version, String reason) {
        CoverEvent event = events.findById(eventId).orElseThrow(NotFound.of("event"));
        Clash.check(event, version, event.view());
        Cover cover = covers.findById(event.coverId()).orElseThrow(NotFound.of("cover"));
        Map<String, Object> before = event.correctable();
        event.takeBack();
        corrections.keep("event", eventId, before, event.correctable(), reason);
        events.saveAndFlush(event);
        return judged(cover, plantings.get(cover.plantingId()));
    }

    @HandsWork
    @Transactional
    public CoverView did(
            UUID id, UUID coverId, CoverEventKind kind, LocalDate firstDay, LocalDate lastDay, Integer insects) {
        Cover cover = covers.findById(coverId).orElseThrow(NotFound.of("cover"));
        once.record(id, () -> events.findById(id), () -> {
            LocalDate end = cover.takenOff() == null ? time.today() : cover.takenOff();
            SeasonDates.check("firstDay", firstDay, cover.putOn(), end);
            SeasonDates.check("lastDay", lastDay, firstDay, end);
            if (kind == CoverEventKind.INSECTS) {
                Range.of(1, 1_000_000, "insects").check("insects", insects == null ? 0 : insects);
            }
            return events.saveAndFlush(new CoverEvent(id, coverId, kind, firstDay, lastDay, insects, stamps.now()));
        });
        return judged(cover, plantings.get(cover.plantingId()));
    }

    /** Takes a cover off; said again with the same version it is taken as said before. */
    @HandsWork
    @Transactional
    public CoverView takeOff(UUID id, LocalDate day, boolean set, int version, String reason) {
        Cover cover = covers.findById(id).orElseThrow(NotFound.of("cover"));
        PlantingView planting = plantings.get(cover.plantingId());
        if (cover.takenOff() == null) {
            cover.takeOff(day, set, time.today());
        } else if (!cover.takenOff().equals(day) || cover.life(List.of()).set() != set) {
            if (cover.version() != version) {
                Clash.check(cover, version, view(cover, planting, done(List.of(cover))));
            }
            Map<String, Object> before = cover.correctable();
            cover.takeOff(day, set, time.today());
            corrections.keep("cover", id, before, cover.correctable(), reason);
        }
        return judged(covers.saveAndFlush(cover), planting);
    }

    /** A cage that was not tight is no cage: its planting stood open. */
    private CoverView judged(Cover cover, PlantingView planting) {
        CoverView view = view(cover, planting, done(List.of(cover)));
        if (cover.kind() == CoverKind.CAGE) {
            CoverView worst = of(planting).stream()
                    .filter(one -> one.kind() == CoverKind.CAGE && one.verdict() != CoverVerdict.TIGHT)
                    .findFirst()
                    .orElse(null);
            plantings.coverLeaked(
                    planting.id(), worst != null, worst == null ? "its cage is tight" : "its cage was not tight");
        }
        return view;
    }

    private static CoverView view(Cover cover, PlantingView planting, Map<UUID, List<CoverEventView>> done) {
        List<CoverEventView> events = done.getOrDefault(cover.id(), List.of());
        CoverVerdict.Life life = cover.life(events);
        BloomWindow bloom = planting.window().orElse(null);
        CoverVerdict verdict = cover.kind() == CoverKind.BAG || bloom == null
                ? CoverVerdict.ofBag(life)
                : CoverVerdict.ofCage(life, bloom, planting.bloom().seen());
        return cover.view(events, verdict);
    }
}

package theriseed.server.lot;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Grade;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.FarmTime;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;

/** Seed that no planting of these records gave: bought, swapped, given, or grown here before. */
@Service
public class Arrivals {
    private final ArrivalRepository arrivals;
    private final LotRepository lots;
    private final NewLots newLots;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final ApplicationEventPublisher events;

    Arrivals(
            ArrivalRepository arrivals,
            LotRepository lots,
            NewLots newLots,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            ApplicationEventPublisher events) {
        this.arrivals = arrivals;
        this.lots = lots;
        this.newLots = newLots;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
        this.events = events;
    }

    /** How those of these lots came that came from elsewhere or before. */
    @ReadsOnly
    public Map<UUID, ArrivalView> of(Collection<UUID> lotIds) {
        return arrivals.findByLotIdIn(lotIds).stream().collect(Collectors.toMap(Arrival::lotId, Arrival::view));
    }

    /** Gives seed that came a number of its own. @param grade it is taken to be */
    @HandsWork
    @Transactional
    public LotView take(UUID varietyId, Grade grade, ArrivalFacts facts) {
        checkDay(facts);
        newLots.checkOldNumber(facts.oldNumber(), null);
        LotView made = newLots.arrived(varietyId, grade, facts);
        arrivals.saveAndFlush(new Arrival(made.id(), facts, stamps.now()));
        return made;
    }

    @HandsWork
    @Transactional
    public LotView correct(UUID id, Changed made, ArrivalFacts facts) {
        Arrival arrival = arrivals.findById(id).orElseThrow(NotFound.of("arrival"));
        Lot lot = lots.lockAllById(List.of(arrival.lotId())).get(0);
        Clash.check(arrival, made.from(), arrival.view());
        checkDay(facts);
        newLots.checkOldNumber(facts.oldNumber(), lot.id());
        if (facts.grownIn() != arrival.view().grownIn()) {
            throw new Refused(
                    "grownIn",
                    facts.grownIn(),
                    "arrival.yearInNumber",
                    "lot",
                    lot.view().number());
        }
        Map<String, Object> before = correctable(arrival, lot);
        BigDecimal was = arrival.mass();
        arrival.change(facts);
        lot.oldNumber(facts.oldNumber());
        corrections.keep("arrival", id, before, correctable(arrival, lot), made.because());
        arrivals.flush();
        events.publishEvent(new ArrivalCorrected(lot.id(), was, facts.mass(), made.because()));
        return lot.view();
    }

    private static Map<String, Object> correctable(Arrival arrival, Lot lot) {
        Map<String, Object> facts = new LinkedHashMap<>(arrival.correctable());
        facts.put("oldNumber", lot.view().oldNumber());
        return facts;
    }

    private void checkDay(ArrivalFacts facts) {
        SeasonDates.check("cameOn", facts.cameOn(), LocalDate.of(facts.grownIn(), 1, 1), time.today());
    }
}

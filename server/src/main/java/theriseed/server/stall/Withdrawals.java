package theriseed.server.stall;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.bench.MixedUnits;
import theriseed.core.measure.Range;
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
import theriseed.server.gate.Gate;
import theriseed.server.gate.LotKnown;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;
import theriseed.server.lot.SownFrom;

/** Seed taken out of the seed room for other than a sale: sown, tested, thrown away. Never more than there is. */
@Service
public class Withdrawals {
    private final WithdrawalRepository withdrawals;
    private final Lots lots;
    private final Gate gate;
    private final Stocks stocks;
    private final SowingRules sowings;
    private final Corrections corrections;
    private final Stamps stamps;
    private final FarmTime time;
    private final ApplicationEventPublisher events;

    Withdrawals(
            WithdrawalRepository withdrawals,
            Lots lots,
            Gate gate,
            Stocks stocks,
            SowingRules sowings,
            Corrections corrections,
            Stamps stamps,
            FarmTime time,
            ApplicationEventPublisher events) {
        this.events = events;
        this.withdrawals = withdrawals;
        this.lots = lots;
        this.gate = gate;
        this.stocks = stocks;
        this.sowings = sowings;
        this.corrections = corrections;
        this.stamps = stamps;
        this.time = time;
    }

    /**
     * What is taken.
     *
     * @param mass grams of bulk; null where packets are taken
     * @param packingRunId whose {@code packets}; null where bulk is taken
     * @param plantingId that it was sown in; null where that is not said, or it was not sown
     */
    public record WithdrawalFacts(
            TakenFor why,
            LocalDate takenOn,
            BigDecimal mass,
            UUID packingRunId,
            Integer packets,
            String note,
            UUID plantingId) {
        public WithdrawalFacts {
            boolean ofBulk = mass != null && packets == null && packingRunId == null;
            boolean ofRun = mass == null && packets != null && packingRunId != null;
            if (ofBulk == ofRun) {
                throw new Refused("mass", mass, "withdrawal.howMuch");
            }
            if (why == TakenFor.SPOILT && note.strip().length() < 3) {
                throw new Refused("note", note, "withdrawal.note");
            }
            if (why == TakenFor.COUNTED || why == TakenFor.MIXED) {
                throw new Refused("why", why, "withdrawal.why");
            }
            if (why != TakenFor.SOWN && plantingId != null) {
                throw new Refused("plantingId", plantingId, "withdrawal.notSown");
            }
        }
    }

    /** What of the farm's lots was sown in a planting, by day. */
    @ReadsOnly
    public List<WithdrawalView> sownIn(UUID plantingId) {
        return withdrawals.findByPlantingIdOrderByTakenOnAscIdAsc(plantingId).stream()
                .filter(withdrawal -> withdrawal.mass().signum() > 0 || withdrawal.packets() > 0)
                .map(Withdrawal::view)
                .toList();
    }

    /** What went into each of these mixes, in the order in which it was put in. */
    @ReadsOnly
    public Map<UUID, List<WithdrawalView>> inMixes(Collection<UUID> mixIds) {
        return withdrawals.findByMixIdInOrderById(mixIds).stream()
                .collect(Collectors.groupingBy(
                        Withdrawal::mixId, Collectors.mapping(Withdrawal::view, Collectors.toList())));
    }

    /** The mixes that hold seed of these lots. */
    @ReadsOnly
    public List<UUID> mixesOf(Collection<UUID> lotIds) {
        return lotIds.isEmpty() ? List.of() : withdrawals.mixes(lotIds);
    }

    /**
     * Puts seed of a lot into a mix: of what nobody is promised, is not kept for the farm's own sowing, and may be sold.
     *
     * @param lot locked in this transaction
     * @param at the field that says the mass
     */
    @HandsWork
    @Transactional
    public void mix(LotKnown lot, UUID mixId, String mix, LocalDate mixedOn, BigDecimal mass, String at) {
        Stall.checkOpen(lot);
        SeasonDates.check("mixedOn", mixedOn, lot.harvest().pickedOn(), time.today());
        MixedUnits.checkAtMost(at, mass, stocks.of(lot).free().doubleValue(), "MAY_BE_SOLD");
        withdrawals.save(new Withdrawal(lot.lot().id(), mixId, mix, mixedOn, mass, stamps.now()));
    }

    /** What was put into a mix turns out to have been more or less; whether the mix had so much is the caller's to say. */
    @HandsWork
    @Transactional
    public void weighMixed(UUID id, Changed made, BigDecimal mass) {
        Withdrawal withdrawal =
                withdrawals.findById(id).filter(one -> one.mixId() != null).orElseThrow(NotFound.of("part of a mix"));
        LotView lot = lots.lock(lots.byId(withdrawal.lotId()).number());
        Clash.check(withdrawal, made.from(), withdrawal.view());
        Range.above(0, stocks.of(gate.of(lot)).bulk().add(withdrawal.mass()).doubleValue(), "g")
                .because("ALL_THERE_IS")
                .check("mass", mass);
        Map<String, Object> before = withdrawal.correctable("");
        withdrawal.weigh(mass);
        corrections.keep("withdrawal", id, before, withdrawal.correctable(""), made.because());
        withdrawals.saveAndFlush(withdrawal);
    }

    @HandsWork
    @Transactional
    public WithdrawalView take(String lotNumber, WithdrawalFacts facts) {
        LotView lot = lots.lock(lotNumber);
        check(gate.of(lot), facts, null);
        WithdrawalView taken = withdrawals
                .saveAndFlush(new Withdrawal(
                        lot.id(),
                        facts.packingRunId(),
                        facts.why(),
                        facts.takenOn(),
                        facts.mass(),
                        facts.packets(),
                        facts.note(),
                        facts.plantingId(),
                        stamps.now()))
                .view();
        sown(facts);
        return taken;
    }

    @HandsWork
    @Transactional
    public WithdrawalView correct(UUID id, Changed made, WithdrawalFacts facts) {
        Withdrawal withdrawal = withdrawals.findById(id).orElseThrow(NotFound.of("withdrawal"));
        LotView lot = lots.lock(lots.byId(withdrawal.lotId()).number());
        Clash.check(withdrawal, made.from(), withdrawal.view());
        if (withdrawal.why() == TakenFor.COUNTED) {
            throw new Refused("why", withdrawal.why(), "withdrawal.counted");
        }
        if (withdrawal.why() == TakenFor.MIXED) {
            throw new Refused(
                    "why",
                    withdrawal.why(),
                    "withdrawal.mixed",
                    "mix",
                    withdrawal.view().note());
        }
        if ((withdrawal.packingRunId() == null) != (facts.packingRunId() == null)) {
            throw new Refused("packingRunId", facts.packingRunId(), "withdrawal.bulk");
        }
        check(gate.of(lot), facts, withdrawal);
        Map<String, Object> before = withdrawal.correctable(sowings.words(withdrawal.plantingId()));
        withdrawal.change(
                facts.why(), facts.takenOn(), facts.mass(), facts.packets(), facts.note(), facts.plantingId());
        corrections.keep(
                "withdrawal",
                id,
                before,
                withdrawal.correctable(sowings.words(withdrawal.plantingId())),
                made.because());
        WithdrawalView corrected = withdrawals.saveAndFlush(withdrawal).view();
        sown(facts);
        return corrected;
    }

    /** Lots that were picked from a planting already have what the seed it was sown with has. */
    private void sown(WithdrawalFacts facts) {
        if (facts.plantingId() != null) {
            events.publishEvent(new SownFrom(facts.plantingId()));
        }
    }

    /** @param instead what these facts correct, down to nothing where none was taken after all; null for a new one */
    private void check(LotKnown known, WithdrawalFacts facts, Withdrawal instead) {
        if (known.harvest() == null) {
            throw new Refused("mass", facts.mass(), "withdrawal.empty");
        }
        SeasonDates.check("takenOn", facts.takenOn(), known.harvest().pickedOn(), time.today());
        StockView stock = stocks.of(known);
        if (facts.mass() != null) {
            double most = stock.bulk()
                    .add(instead == null ? BigDecimal.ZERO : instead.mass())
                    .doubleValue();
            if (instead == null || facts.mass().signum() != 0) {
                MixedUnits.checkAtMost("mass", facts.mass(), most, "ALL_THERE_IS");
            }
        } else {
            PackingRunView run = stock.run(facts.packingRunId());
            Range.of(instead == null ? 1 : 0, run.left() + (instead == null ? 0 : instead.packets()), "packets")
                    .because("RUN_HAS_LEFT")
                    .check("packets", facts.packets());
        }
        if (facts.plantingId() != null) {
            sowings.check(known.lot(), facts.plantingId(), facts.takenOn());
        }
    }
}

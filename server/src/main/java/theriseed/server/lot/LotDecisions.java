package theriseed.server.lot;

import java.math.BigDecimal;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Grade;
import theriseed.core.lot.LotNumber;
import theriseed.core.measure.Range;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.season.Plantings;
import theriseed.server.walk.Decision;
import theriseed.server.walk.RingView;
import theriseed.server.walk.Rings;
import theriseed.server.walk.SeedSuspect;

/** What is decided of lots: held and released, graded down, kept for the farm's own sowing. */
@Service
public class LotDecisions {
    private final LotRepository lots;
    private final TransferRepository transferred;
    private final Transfers transfers;
    private final Plantings plantings;
    private final Rings rings;
    private final Families families;
    private final Corrections corrections;
    private final Stamps stamps;

    LotDecisions(
            LotRepository lots,
            TransferRepository transferred,
            Transfers transfers,
            Plantings plantings,
            Rings rings,
            Families families,
            Corrections corrections,
            Stamps stamps) {
        this.lots = lots;
        this.transferred = transferred;
        this.transfers = transfers;
        this.plantings = plantings;
        this.rings = rings;
        this.families = families;
        this.corrections = corrections;
        this.stamps = stamps;
    }

    /** What was decided about suspect seed holds for the lots that are there already. */
    @EventListener
    void on(SeedSuspect suspect) {
        RingView ring = suspect.ring();
        for (Lot lot : transfers.cameOf(ring.plantingId())) {
            Grade before = lot.view().grade();
            lot.follow(ring, stamps.now());
            if (before != lot.view().grade()) {
                corrections.keep(
                        "lot",
                        lot.id(),
                        Map.of("grade", before),
                        Map.of("grade", lot.view().grade()),
                        ring.reason());
            }
        }
    }

    /** What the seed of a planting is on hold for, the lots picked from it are on hold for too. */
    @EventListener
    void on(SownFrom sown) {
        families.heldBehind(sown.plantingId()).ifPresent(held -> {
            for (Lot lot : transfers.cameOf(sown.plantingId())) {
                if (lot.holdReason() == null) {
                    lot.hold(NewLots.grownFrom(held), stamps.now());
                }
            }
        });
    }

    @HandsWork
    @Transactional
    public LotView hold(String typed, String reason) {
        Range.of(3, 300, "characters").check("reason", reason.strip().length());
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        lot.hold(reason, stamps.now());
        return lots.saveAndFlush(lot).view();
    }

    @GrowersWork
    @Transactional
    public LotView release(String typed, String reason) {
        Range.of(3, 300, "characters").check("reason", reason.strip().length());
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        String was = lot.holdReason();
        lot.release();
        corrections.keep("lot", lot.id(), Map.of("hold", "" + was), Map.of("hold", "released"), reason);
        return lots.saveAndFlush(lot).view();
    }

    /**
     * Grades a lot down, and with it what was transferred from it; or takes that back, as far as its rows and the lots it came
     * of allow.
     *
     * @return the lot as it is now
     */
    @GrowersWork
    @Transactional
    public LotView regrade(String typed, int version, Grade grade, String reason) {
        Range.of(3, 300, "characters").check("reason", reason.strip().length());
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        Clash.check(lot, version, lot.view());
        Grade highest = highest(lot.view());
        if (grade == lot.view().grade() || grade.compareTo(highest) > 0) {
            throw new Refused(
                    "grade",
                    grade,
                    grade == lot.view().grade() ? "lot.gradeAlready" : "lot.gradeTooHigh",
                    "lot",
                    lot.view().number(),
                    "grade",
                    grade,
                    "highest",
                    highest);
        }
        regrade(lot, grade, reason);
        lots.findAllById(transferred.below(List.of(lot.id()))).stream()
                .filter(made -> made.view().grade().compareTo(grade) > 0)
                .forEach(made -> regrade(made, grade, reason));
        return lots.saveAndFlush(lot).view();
    }

    private void regrade(Lot lot, Grade grade, String reason) {
        Grade before = lot.view().grade();
        lot.regrade(grade);
        corrections.keep("lot", lot.id(), Map.of("grade", before), Map.of("grade", grade), reason);
    }

    private Grade highest(LotView lot) {
        if (lot.origin() == Origin.ELSEWHERE) {
            return Grade.STOCK;
        }
        Stream<Grade> past = lot.origin() == Origin.PICKED
                ? Stream.concat(
                        Stream.of(plantings.get(lot.plantingId()).grade()),
                        rings.of(lot.plantingId()).stream()
                                .filter(ring -> ring.decision() == Decision.GRADED_DOWN)
                                .map(RingView::grade))
                : lots.findAllById(transferred.from(lot.id())).stream()
                        .map(parent -> parent.view().grade());
        return past.min(Comparator.naturalOrder()).orElseThrow();
    }

    /** Keeps so many grams of clean seed for the farm's own sowing: they are neither packed nor sold. */
    @GrowersWork
    @Transactional
    public LotView reserve(String typed, int version, BigDecimal grams) {
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        Clash.check(lot, version, lot.view());
        BigDecimal before = lot.view().reserved();
        lot.reserve(grams);
        corrections.keep(
                "lot", lot.id(), Map.of("reserved", before), Map.of("reserved", grams), "what the farm itself sows");
        return lots.saveAndFlush(lot).view();
    }

    @HandsWork
    @Transactional
    public void labelPrinted(String typed) {
        Lot lot = lots.lockByFolded(LotNumber.read(typed)).orElseThrow(NotFound.of("lot"));
        lot.labelPrinted(stamps.now().at());
    }
}

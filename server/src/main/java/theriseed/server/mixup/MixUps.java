package theriseed.server.mixup;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.crop.Grade;
import theriseed.core.season.SeasonDates;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.FarmTime;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.HandsWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.lot.LotDecisions;
import theriseed.server.lot.LotView;
import theriseed.server.lot.Lots;

/** Holds both lots that may have been mixed up, until it is known. */
@Service
class MixUps {
    private final MixUpRepository mixUps;
    private final Lots lots;
    private final LotDecisions decisions;
    private final Stamps stamps;
    private final FarmTime time;

    MixUps(MixUpRepository mixUps, Lots lots, LotDecisions decisions, Stamps stamps, FarmTime time) {
        this.mixUps = mixUps;
        this.lots = lots;
        this.decisions = decisions;
        this.stamps = stamps;
        this.time = time;
    }

    /** Both are held from now on; what is on hold already stays so for its own reason. */
    @HandsWork
    @Transactional
    public MixUpView find(String number, String other, LocalDate foundOn, String what) {
        LotView first = lots.get(number);
        LotView second = lots.get(other);
        if (first.id().equals(second.id())) {
            throw new Refused("other", other, "mixUp.itself", "lot", first.number());
        }
        SeasonDates.check("foundOn", foundOn, time.today().minusYears(1), time.today());
        MixUp made = mixUps.saveAndFlush(new MixUp(first.id(), second.id(), foundOn, what, stamps.now()));
        Stream.of(first, second)
                .filter(lot -> lot.hold() == null)
                .sorted(Comparator.comparing(LotView::number))
                .forEach(lot -> decisions.hold(lot.number(), reason(made, lot == first ? second : first)));
        return made.view(first.number(), second.number());
    }

    private static String reason(MixUp made, LotView other) {
        return "mixed up with " + other.number() + ": " + made.what();
    }

    /**
     * It was found out. Both may go again, as far as this held them; where it stays unknown they are for own use from now on,
     * and so is what was transferred from them.
     */
    @GrowersWork
    @Transactional
    public MixUpView end(UUID id, Changed made, MixUp.Ending ending, LocalDate on, String how) {
        MixUp mixUp = mixUps.findById(id).orElseThrow(NotFound.of("mix-up"));
        Clash.check(mixUp, made.from(), view(mixUp));
        SeasonDates.check("endedOn", on, mixUp.foundOn(), time.today());
        mixUp.end(ending, on, how, stamps.now());
        LotView first = lots.byId(mixUp.firstLotId());
        LotView second = lots.byId(mixUp.secondLotId());
        free(mixUp, first, second);
        free(mixUp, second, first);
        return mixUps.saveAndFlush(mixUp).view(first.number(), second.number());
    }

    private void free(MixUp mixUp, LotView lot, LotView other) {
        if (mixUp.ending() == MixUp.Ending.GRADED_DOWN && lot.grade() != Grade.OWN_USE) {
            decisions.regrade(lot.number(), lot.version(), Grade.OWN_USE, mixUp.how());
        }
        if (lot.hold() != null && lot.hold().reason().equals(reason(mixUp, other))) {
            decisions.release(lot.number(), mixUp.how());
        }
    }

    /** Those of a lot, the newest first. */
    @ReadsOnly
    public List<MixUpView> of(String number) {
        List<MixUp> found = mixUps.of(lots.get(number).id());
        Map<UUID, String> numbers = lots
                .byIds(found.stream()
                        .flatMap(one -> Stream.of(one.firstLotId(), one.secondLotId()))
                        .collect(Collectors.toSet()))
                .stream()
                .collect(Collectors.toMap(LotView::id, LotView::number));
        return found.stream()
                .map(one -> one.view(numbers.get(one.firstLotId()), numbers.get(one.secondLotId())))
                .toList();
    }

    private MixUpView view(MixUp one) {
        return one.view(
                lots.byId(one.firstLotId()).number(),
                lots.byId(one.secondLotId()).number());
    }
}

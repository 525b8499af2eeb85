package theriseed.server.letterhead;

import java.util.List;
import java.util.Map;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Stamps;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.paper.Paper;

/** Knows what the farm says of itself on its papers. */
@Service
public class Letterheads {
    private final LetterheadRepository letterheads;
    private final Farms farms;
    private final Corrections corrections;
    private final Stamps stamps;

    Letterheads(LetterheadRepository letterheads, Farms farms, Corrections corrections, Stamps stamps) {
        this.letterheads = letterheads;
        this.farms = farms;
        this.corrections = corrections;
        this.stamps = stamps;
    }

    @ReadsOnly
    public LetterheadView get() {
        return letterheads
                .findFirstBy()
                .map(Letterhead::view)
                .orElse(new LetterheadView(Clash.NONE, LetterheadFacts.NONE));
    }

    /** Says it, or says it otherwise; invoices that were sent stay as they are. */
    @GrowersWork
    @Transactional
    public LetterheadView say(Changed made, LetterheadFacts facts) {
        Letterhead there = letterheads.findFirstBy().orElse(null);
        Clash.check(there == null ? Clash.NONE : there.version(), made.from(), get());
        if (there == null) {
            return letterheads.saveAndFlush(new Letterhead(facts, stamps.now())).view();
        }
        Map<String, Object> before = there.correctable();
        there.change(facts);
        corrections.keep("letterhead", there.id(), before, there.correctable(), made.because());
        return letterheads.saveAndFlush(there).view();
    }

    /** Who sends a paper, at its head. */
    @ReadsOnly
    public void head(Paper paper) {
        FarmView farm = farms.get();
        LetterheadFacts facts = get().facts();
        List<String> tax = facts.taxNumber().isEmpty() ? List.of() : List.of(facts.taxNumber());
        paper.sender(farm.name(), facts.address().lines().toList(), tax);
    }
}

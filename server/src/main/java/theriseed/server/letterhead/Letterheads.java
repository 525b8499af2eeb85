package theriseed.server.letterhead;

import java.util.List;
import java.util.Map;
import java.util.UUID;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import theriseed.server.base.Changed;
import theriseed.server.base.Clash;
import theriseed.server.base.Corrections;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.base.Stamps;
import theriseed.server.farm.FarmView;
import theriseed.server.farm.Farms;
import theriseed.server.pdf.Paper;
import theriseed.server.photo.Photos;
import theriseed.server.photo.Pictured;

/** Knows what the farm says of itself on its papers. */
@Service
public class Letterheads implements Pictured {
    private final LetterheadRepository letterheads;
    private final Farms farms;
    private final Photos photos;
    private final Corrections corrections;
    private final Stamps stamps;

    Letterheads(
            LetterheadRepository letterheads,
            Farms farms,
            @Lazy Photos photos,
            Corrections corrections,
            Stamps stamps) {
        this.letterheads = letterheads;
        this.farms = farms;
        this.photos = photos;
        this.corrections = corrections;
        this.stamps = stamps;
    }

    @ReadsOnly
    public LetterheadView get() {
        return letterheads
                .findFirstBy()
                .map(Letterhead::view)
                .orElse(new LetterheadView(null, Clash.NONE, LetterheadFacts.NONE));
    }

    /** Says it, or says it otherwise; invoices that were sent stay as they are. */
    @GrowersWork
    @Transactional
    public LetterheadView say(Changed made, LetterheadFacts facts) {
        Letterhead there = letterheads.findFirstBy().orElse(null);
        Clash.check(there == null ? Clash.NONE : there.version(), made.from(), get());
        checkLogo(there, facts.logo());
        if (there == null) {
            return letterheads.saveAndFlush(new Letterhead(facts, stamps.now())).view();
        }
        Map<String, Object> before = there.correctable();
        there.change(facts);
        corrections.keep("letterhead", there.id(), before, there.correctable(), made.because());
        return letterheads.saveAndFlush(there).view();
    }

    @Override
    @ReadsOnly
    public boolean mayHavePictures(UUID id) {
        return letterheads.existsById(id);
    }

    private void checkLogo(Letterhead there, UUID logo) {
        boolean its = logo == null
                || there != null
                        && photos.of(there.id()).stream()
                                .anyMatch(photo -> photo.id().equals(logo));
        if (!its) {
            throw new Refused("logo", logo, "letterhead.noSuchLogo");
        }
    }

    /** Who sends a paper, at its head. */
    @ReadsOnly
    public void head(Paper paper) {
        FarmView farm = farms.get();
        LetterheadFacts facts = get().facts();
        List<String> tax = facts.taxNumber().isEmpty() ? List.of() : List.of(facts.taxNumber());
        paper.sender(farm.name(), facts.address().lines().toList(), tax);
        if (facts.logo() != null) {
            paper.logo(photos.jpeg(facts.logo()));
        }
    }
}

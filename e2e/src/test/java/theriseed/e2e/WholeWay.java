package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.regex.Pattern;

/** The way of one lot, from the ground it grows on to the customer, page by page. */
final class WholeWay {
    private final Person grower;
    private final SeedCrop crop;
    private String number;

    WholeWay(Person grower, SeedCrop crop) {
        this.grower = grower;
        this.crop = crop;
    }

    String number() {
        return number;
    }

    void plot(boolean first) {
        grower.at("/field");
        if (!first) {
            grower.act("Ground");
        }
        grower.inRow("Plot", "By numbers").click();
        String name = crop.variety() + " plot";
        grower.type("Name", name);
        grower.type("Middle, east of the farm’s spot", String.valueOf(crop.offEast()));
        grower.type("Width", "60");
        grower.type("Length", "30");
        grower.act("Save plot");
        grower.sees(name + " is on the map.");
        grower.sees("1,800 m²");
    }

    void variety() {
        grower.at("/desk");
        grower.act("New variety");
        grower.choose("Crop", crop.crop());
        grower.type("Name", crop.variety());
        grower.type("Source", "kept on the farm");
        grower.type("Year received", String.valueOf(crop.season() - 2));
        grower.act("Save variety");
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk/plantings/new\\?variety=.*"));
    }

    void planting() {
        assertThat(grower.field("Variety")).not().hasValue("");
        grower.type("Season", String.valueOf(crop.season()));
        grower.choose("Plot", crop.variety() + " plot");
        grower.type("Sown on", crop.sownOn());
        if (!crop.setOutOn().isEmpty()) {
            grower.type("Set out on", crop.setOutOn());
        }
        grower.type("Plants", String.valueOf(crop.plants()));
        grower.type("Germination", "90");
        assertThat(grower.heading(crop.variety())).containsText("clear");
        grower.sees("seed to sow");
        grower.act("Save planting");
        assertThat(grower.page).hasURL(Pattern.compile(".*/desk\\?season=" + crop.season() + "&planting=.*"));
        assertThat(grower.heading(crop.variety())).isVisible();
    }

    /** Twice: an eye overlooks one off-type in ten, and a small stand is shown true only by a second walk. */
    void walk() {
        grower.act("Walk it");
        assertThat(grower.page).hasURL(Pattern.compile(".*/walk/.*"));
        String rows = grower.page.url();
        walkOnce();
        grower.at(rows.substring(rows.indexOf("/walk/")));
        walkOnce();
    }

    private void walkOnce() {
        grower.choose("Stage", crop.stage());
        Locator pad = grower.button("Looked at");
        pad.focus();
        for (int plant = 0; plant < crop.plants(); plant++) {
            grower.page.keyboard().press("Enter");
        }
        assertThat(pad).containsText(String.valueOf(crop.plants()));
        grower.sees("0 off in " + crop.plants());
        grower.sees("may still stand");
        grower.act("End of the walk");
        grower.sees(crop.plants() + " plants looked at");
        grower.type("Walked on", crop.pickedOn());
        grower.act("Record this walk");
        assertThat(grower.page).hasURL(Pattern.compile(".*/today"));
        grower.settles();
    }

    void harvest() {
        grower.at("/desk?season=" + crop.season());
        grower.button(crop.variety()).first().click();
        grower.act("Harvest");
        assertThat(grower.button("Into the lot")).isDisabled();
        grower.act("Number this picking");
        Locator tag = grower.page.locator(".tag.large .number");
        assertThat(tag).hasText(Pattern.compile("\\d\\d-[A-Z]{3}-\\d\\d-[0-9A-Z]"));
        number = tag.innerText();
        assertThat(grower.button("Into the lot")).isDisabled();
        Page label = grower.page.context().waitForPage(() -> grower.act("Print the labels"));
        label.close();
        grower.type("Picked on", crop.pickedOn());
        grower.weigh("Mass", crop.picked(), "kg");
        grower.type("Plants picked", String.valueOf(crop.plants() - 2));
        grower.act("Into the lot");
        assertThat(grower.page).hasURL(Pattern.compile(".*/bench/" + number));
    }

    void bench() {
        for (SeedCrop.Work work : crop.chain()) {
            assertThat(grower.heading("Next: " + work.step().toLowerCase())).isVisible();
            if (work.step().equals("Ferment")) {
                grower.type("Temperature", "22");
                grower.act("Begin");
                assertThat(grower.heading("Ferment: under way")).isVisible();
            }
            grower.weigh("Mass out", work.out(), work.unit());
            if (!work.left().isEmpty()) {
                grower.weigh("Removed", work.left(), work.leftUnit());
            }
            if (!work.water().isEmpty()) {
                grower.weigh("Water added", work.water(), "kg");
            }
            if (work.step().equals("Dry")) {
                grower.type("Moisture coming out", "7");
            }
            grower.type("Minutes of work", "40");
            grower.sees("recovery: mass out of mass in");
            grower.act(work.step().equals("Ferment") ? "Weighed out" : "Save step");
        }
        assertThat(grower.heading("Clean")).isVisible();
        grower.sees("of what was picked is clean seed");
    }

    void tests() {
        grower.at("/lot/" + number);
        grower.sees("Germination not tested");
        grower.act("Tests");
        grower.act("Weigh 100 seeds");
        for (int i = 0; i < crop.hundreds().size(); i++) {
            grower.type(
                    "Weight " + (i + 1) + " of 100 seeds, grams",
                    crop.hundreds().get(i));
        }
        grower.act("Save weights");
        grower.sees("a gram");
        grower.act("Counted already");
        grower.type("Set on", crop.pickedOn());
        String[] counts = {"93", "90", "92", "94"};
        for (int i = 0; i < counts.length; i++) {
            grower.type("Normal seedlings of replicate " + (i + 1), counts[i]);
        }
        grower.act("Save test");
        grower.sees("times in 100");
        grower.at("/lot/" + number);
        grower.sees("may be sold as market seed");
    }

    void stall() {
        grower.act("Pack or sell");
        grower.type("Seeds in a packet", "25");
        grower.type("Price a packet", "2.80");
        grower.type("Packets", "40");
        grower.sees("Fill");
        // What is filled is counted anew with each key; whoever packs reads it first.
        grower.settles();
        grower.act("Packed");
        Locator packed = grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText("25 seeds"));
        assertThat(packed).containsText("40");
        packed.getByText("Labels").click();
        Page labels = grower.page
                .context()
                .waitForPage(() -> packed.getByText("As PDF").click());
        labels.close();
        grower.type("To whom", "Market, " + crop.variety());
        sellForm().getByLabel("Packets", exact()).fill("12");
        grower.type("Price in all", "33.60");
        grower.act("Sold");
        grower.sees("28 packets left, 12 sold");
    }

    private Locator sellForm() {
        return grower.page.locator("form").filter(new Locator.FilterOptions().setHasText("To whom"));
    }

    private static Locator.GetByLabelOptions exact() {
        return new Locator.GetByLabelOptions().setExact(true);
    }

    void history() {
        grower.at("/lot/" + number);
        grower.sees("40 packets");
        grower.sees("12 sold, 28 left");
        grower.sees(crop.clean());
        grower.sees("Market, " + crop.variety());
        assertThat(grower.page.locator("svg").first()).isVisible();
        grower.settledAt("/today");
        assertThat(grower.page.locator("#page")).not().containsText(number);
    }
}

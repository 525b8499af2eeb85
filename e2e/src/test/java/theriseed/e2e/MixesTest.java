package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;
import static theriseed.server.Season.record;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

/** Several lots in one bag, from the scale to whoever has some, and lots that were mixed up. */
@DemoFarmTest
class MixesTest {
    @LocalServerPort
    int port;

    Season season;
    Person grower;
    String one;
    String other;

    @BeforeEach
    void twoLots() {
        season = new Season(port);
        one = season.sellable();
        other = season.sellable();
        grower = Person.atDesk(port).signedIn("grower");
    }

    @AfterEach
    void leave() {
        grower.close();
    }

    private void choose(int row, String number) {
        Locator lots = grower.page.getByLabel("Lot " + row, new Page.GetByLabelOptions().setExact(true));
        String label = lots.locator("option")
                .filter(new Locator.FilterOptions().setHasText(number))
                .textContent();
        lots.selectOption(new SelectOption().setLabel(label.strip()));
    }

    private Locator row(String text) {
        return grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(text));
    }

    private Locator form(String act) {
        return grower.page.locator("form").filter(new Locator.FilterOptions().setHasText(act));
    }

    @Test
    void aMixIsPutTogetherPackedSoldAndFoundFromItsLots() {
        grower.at("/stall/mixes");
        grower.act("Put a mix together");
        grower.type("What it is called", "Cover between rows");
        grower.type("Of it all", "200");
        grower.type("Seeds on a square metre", "60");
        choose(1, one);
        grower.type("Share of lot 1", "3");
        choose(2, other);
        grower.type("Share of lot 2", "a lot");
        grower.act("Put together");
        assertThat(grower.alert()).containsText("a lot");
        grower.type("Share of lot 2", "1");
        assertThat(row(one).first()).containsText("150 g");
        grower.act("Put together");
        assertThat(grower.page).hasURL(Pattern.compile(".*/stall/mixes/26-MIX-.*"));
        String number = grower.page.url().replaceAll(".*/", "");
        assertThat(row(other)).containsText("25 %");

        Locator pack = form("A packet holds");
        pack.getByLabel("A packet holds").first().fill("20");
        pack.getByLabel("Packets").fill("5");
        pack.getByLabel("Price a packet").fill("3.20");
        grower.act("Packed");
        grower.sees("5 packets of 20 g");
        Locator sell = form("To whom");
        sell.getByLabel("To whom").fill("Hill croft");
        sell.getByLabel("From").selectOption(new SelectOption().setIndex(0));
        sell.getByLabel("Packets").fill("2");
        grower.act("Sold");
        assertThat(row("Hill croft")).containsText("2 packets");
        assertThat(row("Hill croft")).containsText("6.40");

        grower.at("/lot/" + one + "/family");
        assertThat(row(number).first()).containsText("in mix");
        assertThat(row("Hill croft")).containsText("30 g of " + one);
        grower.at("/lot/" + one + "/store");
        assertThat(row("put into a mix")).containsText(number);
    }

    @Test
    void lotsThatWereMixedUpAreHeldAndTold() {
        grower.at("/lot/" + one);
        grower.act("Hold");
        grower.type("The other lot", other);
        grower.type("What happened", "two bowls, one label on the floor");
        grower.act("Hold both");
        grower.sees("Mixed up with " + other);
        grower.at("/lot/" + other);
        grower.sees("Mixed up with " + one);
        grower.button("Found out: " + one + " and " + other).click();
        Locator dialog = grower.page.getByRole(AriaRole.DIALOG);
        dialog.getByLabel("How it was found out").fill("grown out in a test row");
        dialog.getByText("Save").click();
        grower.sees("it is known which is which; grown out in a test row");
        assertThat(season.lot(one).at("/known/gate/mayBeSold").asBoolean()).isTrue();
    }

    @Test
    void aShortOrderIsFilledDeliveredAndPaid() {
        season.packed(one, 50, 10);
        String customer = season.grower
                .post("/api/customers", record("name", "Shop of " + one, "kind", "SHOP", "address", "", "note", ""))
                .ok()
                .get("id")
                .asString();
        String order = season.grower
                .post(
                        "/api/orders",
                        record(
                                "customerId",
                                customer,
                                "kind",
                                "SALE",
                                "orderedOn",
                                "2026-08-14",
                                "wantedOn",
                                "2026-08-20",
                                "note",
                                "",
                                "lines",
                                List.of(record(
                                        "varietyId",
                                        season.lot(one)
                                                .at("/known/lot/varietyId")
                                                .asString(),
                                        "seeds",
                                        50,
                                        "packets",
                                        30))))
                .ok()
                .get("id")
                .asString();
        grower.at("/stall/orders/" + order);
        grower.sees("20 packets of 50 could be packed from " + one);
        grower.act("Pack 20");
        grower.sees("all promised");
        grower.act("Deliver");
        grower.act("Invoice of this delivery");
        Locator invoice = grower.page.getByText(Pattern.compile("^Invoice 2026-\\d{4}, "));
        assertThat(invoice).containsText("75.00");
        grower.button("Paid: invoice 2026-").click();
        grower.page.getByRole(AriaRole.DIALOG).getByText("Save").click();
        assertThat(invoice).containsText("paid 14 Aug");
        grower.at("/stall/orders");
        assertThat(row("Shop of " + one)).hasCount(0);
    }
}

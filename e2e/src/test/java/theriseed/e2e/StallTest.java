package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.boot.test.web.server.LocalServerPort;
import theriseed.server.DemoFarmTest;
import theriseed.server.Season;

/** At the stall: who buys, an order in parts, a day at the market. */
@DemoFarmTest
class StallTest {
    @LocalServerPort
    int port;

    Season season;
    Person grower;
    String number;

    @BeforeEach
    void signIn() {
        season = new Season(port);
        number = season.sellable();
        season.packed(number, 50, 40);
        grower = Person.atDesk(port).signedIn("grower");
    }

    @AfterEach
    void leave() {
        grower.close();
    }

    private Locator dialog() {
        return grower.page.getByRole(AriaRole.DIALOG);
    }

    private String variety() {
        return season.lot(number).at("/known/planting/variety/name").asString();
    }

    @Test
    void aShopOnItsTermsOrdersMoreThanThereIsAndGetsItInTwoParts() {
        String shop = "Shop " + UUID.randomUUID();
        String terms = "Terms " + UUID.randomUUID();
        grower.at("/stall/customers");
        grower.act("Add a price list");
        dialog().getByLabel("Name").fill(terms);
        dialog().getByLabel("Percent").fill("80");
        dialog().getByText("Save").click();
        grower.act("Add a customer");
        dialog().getByLabel("Name").fill(shop);
        dialog().getByLabel("Terms").selectOption(terms + ", 80 %");
        dialog().getByText("Save").click();
        grower.sees(shop);

        grower.at("/stall/orders");
        grower.act("Take an order");
        grower.choose("Customer", shop);
        grower.choose("What, line 1", variety() + ", pea: packets of 50");
        grower.type("How much, line 1", "55");
        grower.act("Take the order");
        grower.sees("15 packets of 50 missing");
        grower.sees("€110.00");
        grower.act("Deliver");
        grower.sees("€80.00 delivered");
        season.packed(number, 50, 15);
        grower.act("Look again for what is missing");
        assertThat(grower.page.locator("main")).not().containsText("missing");
        grower.act("Deliver");
        assertThat(grower.link("Delivery note 2")).isVisible();
        assertThat(grower.button("Invoice of these deliveries")).isVisible();

        grower.page
                .getByRole(AriaRole.BUTTON, named("Take it back: delivery 2"))
                .click();
        because("the second box stayed on the quay");
        assertThat(grower.link("Delivery note 2")).hasCount(0);
        grower.sees("15 packets of 50");
        grower.sees("the second box stayed on the quay");
        grower.act("Deliver");
        assertThat(grower.link("Delivery note 3")).isVisible();
    }

    private static Page.GetByRoleOptions named(String name) {
        return new Page.GetByRoleOptions().setName(name);
    }

    private void because(String reason) {
        dialog().getByLabel("Why it is corrected").fill(reason);
        dialog().getByText("Save correction").click();
    }

    @Test
    void aKindPackedBeforeIsFilledAgainAndSoldByTheTermsOfTheShop() {
        String shop = "Shop " + UUID.randomUUID();
        String list = season.grower
                .post("/api/price-lists", Map.of("name", "Terms " + UUID.randomUUID(), "share", 80))
                .ok()
                .get("id")
                .asString();
        season.grower
                .post("/api/customers", Map.of("name", shop, "kind", "SHOP", "priceListId", list))
                .ok();
        grower.at("/stall/" + number);
        assertThat(grower.field("Seeds in a packet")).hasValue("50");
        assertThat(grower.field("Price a packet")).hasValue("2.50");
        grower.type("Seeds in a packet", "75");
        grower.button("50 seeds, €2.50").first().click();
        assertThat(grower.field("Seeds in a packet")).hasValue("50");

        grower.type("To whom", shop);
        Locator sell = grower.page.locator("form").filter(new Locator.FilterOptions().setHasText("To whom"));
        sell.getByLabel("Packets").fill("10");
        grower.act("Sold");
        grower.sees("30 packets");
        grower.at("/stall");
        assertThat(grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(shop)))
                .containsText("€20.00");
    }

    @Test
    void aPriceOfItsOwnStandsOnTheListUntilItIsTakenOff() {
        String terms = "Terms " + UUID.randomUUID();
        season.grower
                .post("/api/price-lists", Map.of("name", terms, "share", 80))
                .ok();
        grower.at("/stall/customers");
        grower.page.getByRole(AriaRole.BUTTON, named("Add a price: " + terms)).click();
        dialog().getByLabel("Variety").selectOption(variety() + ", pea");
        dialog().getByLabel("Price").fill("-2");
        dialog().getByText("Save").click();
        assertThat(dialog()).containsText("Price: -2");
        dialog().getByLabel("Price").fill("2.15");
        dialog().getByText("Save").click();
        Locator own =
                grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(variety() + ", any"));
        assertThat(own).containsText("€2.15");
        own.getByText("correct").click();
        dialog().getByLabel("Price").fill("");
        because("by the share again");
        assertThat(own).hasCount(0);
    }

    @Test
    void whatComesBackFromTheMarketIsCountedAndTheRestWasSold() {
        String market = "Market " + UUID.randomUUID();
        season.grower
                .post("/api/customers", Map.of("name", market, "kind", "MARKET"))
                .ok();
        grower.at("/stall/days");
        grower.act("Pack for a stall day");
        grower.choose("Market", market);
        grower.type("Take along of " + number, "41");
        grower.act("Pack them");
        assertThat(grower.alert()).containsText("at most 40");
        assertThat(grower.field("Take along of " + number)).hasValue("41");
        grower.type("Take along of " + number, "12");
        grower.act("Pack them");
        Locator day = grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(market));
        assertThat(day).containsText("12 packets taken along");
        day.getByText("Sell").click();
        Locator pile =
                grower.page.getByRole(AriaRole.BUTTON).filter(new Locator.FilterOptions().setHasText("50 seeds"));
        pile.click();
        pile.click();
        assertThat(grower.page.getByLabel("This customer")).containsText("€5.00");
        grower.act("Sold");
        assertThat(pile).containsText("10 there");
        pile.click();
        grower.act("Given");
        assertThat(pile).containsText("9 there");
        grower.page
                .getByRole(AriaRole.ROW)
                .filter(new Locator.FilterOptions().setHasText("given"))
                .getByText("take back")
                .click();
        assertThat(pile).containsText("10 there");
        pile.click();
        grower.act("Given");
        assertThat(pile).containsText("9 there");
        grower.act("The stall is over");
        assertThat(grower.field("Came back of " + number)).hasValue("9");
        assertThat(grower.field("Given of " + number)).hasValue("1");
        grower.type("Came back of " + number, "5");
        grower.type("Cash after the last", "14");
        grower.act("Count the day");
        Locator counted = grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(number));
        assertThat(counted).containsText("6");
        grower.sees("€1.00 missing");

        grower.act("count anew");
        because("a box stayed in the van");
        grower.act("The stall is over");
        grower.type("Came back of " + number, "9");
        grower.act("Count the day");
        grower.sees("The cash was not counted.");
        grower.at("/stall/days");
        assertThat(day).containsText("2 of 12 sold, 1 given");
        assertThat(day).containsText("€5.00");
    }

    @Test
    void aPacketThatComesBackIsAReturnAndIsThereAgain() {
        grower.at("/stall/" + number);
        String customer = "Croft " + UUID.randomUUID();
        grower.type("To whom", customer);
        grower.page
                .locator("form")
                .filter(new Locator.FilterOptions().setHasText("To whom"))
                .getByLabel("Packets")
                .fill("4");
        grower.act("Sold");
        grower.sees("36 packets");
        grower.at("/stall");
        Locator sale = grower.page.getByRole(AriaRole.ROW).filter(new Locator.FilterOptions().setHasText(customer));
        sale.getByText("came back").click();
        dialog().getByLabel("Packets").fill("5");
        dialog().getByLabel("Paid back").fill("2.50");
        dialog().getByText("Save").click();
        assertThat(dialog().getByRole(AriaRole.ALERT)).containsText("as much as they still have");
        dialog().getByLabel("Packets").fill("1");
        dialog().getByText("Save").click();
        assertThat(sale.first()).containsText("1 packet came back");
        grower.at("/stall/" + number);
        grower.sees("37 packets");
    }

    @Test
    void aSwapAsksWhatCameBack() {
        grower.at("/stall/" + number);
        grower.type("To whom", "A grower in the east " + UUID.randomUUID());
        grower.choose("As", "swap");
        Locator packets = grower.page
                .locator("form")
                .filter(new Locator.FilterOptions().setHasText("To whom"))
                .getByLabel("Packets");
        packets.fill("3");
        grower.act("Swapped");
        assertThat(grower.page.getByText("Say what came back for the swap.").first())
                .isVisible();
        assertThat(packets).hasValue("3");
        grower.type("What came back", "two packets of an old kale");
        grower.act("Swapped");
        grower.sees("37 packets");
    }
}

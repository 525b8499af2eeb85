package theriseed.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import theriseed.server.EmptyFarm;
import theriseed.server.OlderBook;

/** Somebody who has kept a notebook for ten years brings it in. */
@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class ImportTest {
    private EmptyFarm farm;
    private Person ann;

    @BeforeAll
    void begin() {
        farm = new EmptyFarm();
        ann = Person.atDesk(farm.port()).signedIn("ann", "long enough to keep");
    }

    @AfterAll
    void end() {
        ann.close();
        farm.close();
    }

    private void list(String name, byte[] file) {
        ann.choose("Which list", name);
        ann.page.locator("input[type=file]").setInputFiles(new FilePayload("book.csv", "text/csv", file));
    }

    private void readIn(String said) {
        ann.act("Read it in");
        ann.sees("Read in: " + said);
    }

    private Locator is(String heading) {
        return ann.page.getByLabel(heading + " is", new Page.GetByLabelOptions().setExact(true));
    }

    @Test
    void tenYearsOfANotebookComeInListByList() {
        ann.at("/farm/import");
        list("plots", OlderBook.plots());
        assertThat(ann.field("Tab of the workbook")).hasValue("Ground");
        ann.sees("Where 4 of the plots lie is not said");
        readIn("4 new");
        list("varieties", OlderBook.varieties());
        ann.sees("New lines need crop");
        is("Sort").selectOption("crop");
        readIn("4 new");
        list("plantings", OlderBook.plantings());
        assertThat(is("Rain that spring")).hasValue("");
        readIn("40 new");
        list("lots", OlderBook.lots());
        assertThat(ann.page.getByLabel("Clean weight (kg) is in")).hasValue("KG");
        readIn("40 new");
        list("tests", OlderBook.tests());
        readIn("40 new");
        list("customers", OlderBook.customers());
        is("E-mail").selectOption("note");
        is("Telephone").selectOption("note");
        readIn("2 new");
        list("sales", OlderBook.sales());
        readIn("80 new");
        list("weather", OlderBook.weather(800));
        ann.sees("2016-01-01 has 4 of 8 readings and is left out");
        readIn("799 new");
        Locator find = ann.field("Search: lots, plantings, customers, orders, pages");
        find.fill("K22/1");
        assertThat(ann.page.getByText("was K22/1")).isVisible();
        find.fill("");
        list("sales", OlderBook.sales());
        ann.sees("80 as they are");
        assertThat(ann.page.getByText("Read it in")).hasCount(0);
    }

    @Test
    void aDiaryWithSwappedColumnsIsNamedLineByLineAndWhatIsEitherWayIsAsked() {
        ann.at("/desk/calendar?season=2027");
        ann.link("Read days from a file").click();
        assertThat(ann.field("Which list")).hasValue("weather");
        Locator file = ann.page.locator("input[type=file]");
        file.setInputFiles(diary("day,low,high\n2015-05-01,13,6\n"));
        ann.sees("6 °C is below the low of 13 °C. Are they swapped?");
        file.setInputFiles(diary("day,low,high\n3/5/2015,6,13\n5/5/2015,7,14\n"));
        ann.sees("This file can be read in two ways");
        assertThat(ann.page.getByText("Read it in")).hasCount(0);
        ann.choose("Days in this file", "3/4 is 3 April");
        ann.sees("no line for 2015-05-04");
        readIn("2 new");
    }

    private static FilePayload diary(String text) {
        return new FilePayload("diary.csv", "text/csv", text.getBytes(StandardCharsets.UTF_8));
    }
}

package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.crop.Usual;
import theriseed.core.stall.SeasonBooks.Bench;
import theriseed.core.stall.SeasonBooks.Days;
import theriseed.core.stall.SeasonBooks.Lot;
import theriseed.core.stall.SeasonBooks.Money;
import theriseed.core.stall.SeasonBooks.Rates;
import theriseed.core.stall.SeasonBooks.Rows;
import theriseed.core.stall.SeasonBooks.Stock;

class SeasonBooksTest {
    private static final LocalDate TODAY = LocalDate.of(2026, 8, 14);
    private static final Rates RATES = new Rates(15, 0.73, 0.1, 0.05);
    private static final Stock SOLD = new Stock(100, 2, true, true, 250, 40);
    private static final Stock NONE_LEFT = new Stock(0, 0, false, false, 0, 0);

    /** A square metre for a year costs 0.73, so a hundred of them for fifty days ten. */
    private static Rows<String> rows(String id, LocalDate to, double hours) {
        return new Rows<>(id, true, 100, List.of(new Days(to.minusDays(49), to)), Spent.hours(Work.TENDING, hours));
    }

    private static Lot<String, String> lot(String id, String rows, Optional<Bench> bench, Stock stock) {
        return new Lot<>(id, rows, true, true, false, bench, stock, Spent.NONE);
    }

    private static Optional<Bench> clean(double grams, int minutes) {
        return Optional.of(new Bench(true, grams, Optional.empty(), minutes));
    }

    private static SeasonBooks<String, String> books(List<Rows<String>> rows, List<Lot<String, String>> lots) {
        return new SeasonBooks<>(rows, Map.of(), lots, List.of(), RATES, TODAY);
    }

    @Test
    void aLotCostsItsGroundItsHoursAndItsPackets() {
        SeasonBooks<String, String> books = books(
                List.of(rows("peas", TODAY.minusDays(10), 4)), List.of(lot("26-PEA", "peas", clean(5000, 120), SOLD)));
        Money money = books.of(List.of("26-PEA")).orElseThrow();
        assertThat(money.spent().ground()).isCloseTo(10, within(1e-9));
        assertThat(money.spent().hours()).isCloseTo(4 + 2 + 2, within(1e-9));
        assertThat(money.packets()).isCloseTo(10, within(1e-9));
        assertThat(money.paid().cost()).isCloseTo(10 + 8 * 15 + 10, within(1e-9));
        assertThat(money.paid().left()).isCloseTo(250 * 0.95 - 140, within(1e-9));
        assertThat(books.failed()).isZero();
    }

    @Test
    void groundThatIsStillTakenCostsUntilToday() {
        LocalDate until = TODAY.plusDays(30);
        SeasonBooks<String, String> standing =
                books(List.of(rows("peas", until, 0)), List.of(lot("26-PEA", "peas", clean(5000, 0), SOLD)));
        assertThat(standing.of(List.of("26-PEA")).orElseThrow().spent().ground())
                .isCloseTo(20 * 100 * 0.73 / 365, within(1e-9));
    }

    @Test
    void whatHasNoLotYetIsGrowingUntilItIsOver() {
        assertThat(books(List.of(rows("peas", TODAY.plusDays(1), 1)), List.of()).growing())
                .isGreaterThan(15);
        SeasonBooks<String, String> over = books(List.of(rows("peas", TODAY.minusDays(1), 1)), List.of());
        assertThat(over.growing()).isZero();
        assertThat(over.failed()).isCloseTo(25, within(1e-9));
        assertThat(over.carriedByNone()).isEqualTo(over.failed());
    }

    @Test
    void whatCameToNothingIsCarriedByTheOthers() {
        Rows<String> peas = rows("peas", TODAY.minusDays(10), 1);
        Rows<String> beans = rows("beans", TODAY.minusDays(10), 1);
        Lot<String, String> sold = lot("26-PEA", "peas", clean(5000, 0), SOLD);
        for (Lot<String, String> nothing : List.of(
                lot("26-BEA", "beans", Optional.empty(), NONE_LEFT),
                lot("26-BEA", "beans", clean(300, 0), NONE_LEFT),
                new Lot<>(
                        "26-BEA",
                        "beans",
                        true,
                        true,
                        true,
                        clean(300, 0),
                        new Stock(0, 0, false, true, 0, 0),
                        Spent.NONE))) {
            SeasonBooks<String, String> books = books(List.of(peas, beans), List.of(sold, nothing));
            assertThat(books.of(List.of("26-BEA"))).isEmpty();
            assertThat(books.failed()).isCloseTo(25, within(1e-9));
            assertThat(books.of(List.of("26-PEA")).orElseThrow().failed()).isCloseTo(25, within(1e-9));
        }
    }

    @Test
    void whatSomebodyHasOrWentIntoOtherLotsDidNotComeToNothing() {
        Rows<String> peas = rows("peas", TODAY.minusDays(10), 1);
        Stock gone = new Stock(50, 0, true, false, 100, 0);
        assertThat(books(List.of(peas), List.of(lot("26-PEA", "peas", clean(500, 0), gone)))
                        .failed())
                .isZero();
        Lot<String, String> from = lot("26-PEA", "peas", clean(500, 0), NONE_LEFT);
        Lot<String, String> into = new Lot<>("26-PEA-2", "peas", false, true, false, clean(500, 0), SOLD, Spent.NONE);
        SeasonBooks<String, String> transferred = new SeasonBooks<>(
                List.of(peas),
                Map.of(),
                List.of(from, into),
                List.of(new LotCosts.Transfer<>("26-PEA", "26-PEA-2", 500)),
                RATES,
                TODAY);
        assertThat(transferred.failed()).isZero();
        assertThat(transferred.of(List.of("26-PEA-2")).orElseThrow().spent().ground())
                .isCloseTo(10, within(1e-9));
    }

    @Test
    void seedThatIsNotCleanYetTakesItsShareByWhatIsUsualToComeOfIt() {
        Rows<String> peas = rows("peas", TODAY.minusDays(10), 0);
        Lot<String, String> clean = lot("one", "peas", clean(300, 0), SOLD);
        Lot<String, String> drying =
                lot("two", "peas", Optional.of(new Bench(false, 2000, Optional.of(new Usual(80, 120)), 0)), NONE_LEFT);
        SeasonBooks<String, String> books = books(List.of(peas), List.of(clean, drying));
        assertThat(books.of(List.of("one")).orElseThrow().spent().ground()).isCloseTo(7.5, within(1e-9));
        assertThat(books.of(List.of("two")).orElseThrow().spent().ground()).isCloseTo(2.5, within(1e-9));
        assertThat(books.of(List.of("one", "two")).orElseThrow().spent().ground())
                .isCloseTo(10, within(1e-9));
    }

    @Test
    void whatWasGivenUpCostsWhatWasWrittenDownForIt() {
        SeasonBooks<String, String> books = new SeasonBooks<>(
                List.of(),
                Map.of("leeks", Spent.hours(Work.TENDING, 2)),
                List.<Lot<String, String>>of(),
                List.of(),
                RATES,
                TODAY);
        assertThat(books.failed()).isCloseTo(30, within(1e-9));
    }
}

package theriseed.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import theriseed.server.sheet.Writing.Days;
import theriseed.server.sheet.Writing.Decimals;

class WritingTest {
    private static final Writing POINT = new Writing(Decimals.POINT, Days.DAY_FIRST);
    private static final Writing COMMA = new Writing(Decimals.COMMA, Days.MONTH_FIRST);

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1234|1234|1234",
                "1,234|1234|1.234",
                "1.234|1.234|1234",
                "1,234.50|1234.50|1234.50",
                "1.234,50|1234.50|1234.50",
                "1,234,567|1234567|1234567",
                "1.234.567|1234567|1234567",
                "2,8|2.8|2.8",
                "0,125|0.125|0.125",
                "0.125|0.125|0.125",
                "1'234.5|1234.5|1234.5",
                "€5.60|5.60|5.60",
                "5,60 €|5.60|5.60",
                "92 %|92|92",
                "-4,5|-4.5|-4.5",
                "+3|3|3",
                "1,23,4|1,23,4|1,23,4",
                "a few|a few|a few",
                "12,5 to 14|12,5 to 14|12,5 to 14"
            })
    void aNumberIsReadAsItsCountryWritesIt(String typed, String withPoint, String withComma) {
        assertThat(POINT.number(typed)).isEqualTo(withPoint);
        assertThat(COMMA.number(typed)).isEqualTo(withComma);
    }

    @Test
    void severalNumbersOfACellAreReadOneByOne() {
        assertThat(COMMA.numbers("24,1 23,8  24,6")).isEqualTo("24.1 23.8 24.6");
        assertThat(POINT.numbers("48; 47")).isEqualTo("48 47");
        assertThat(POINT.numbers("one, two")).isEqualTo("one, two");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "2026-08-14|2026-08-14|2026-08-14",
                "2026/8/4|2026-08-04|2026-08-04",
                "20260814|2026-08-14|2026-08-14",
                "2026081406|2026-08-14|2026-08-14",
                "2026-08-14T06:30|2026-08-14|2026-08-14",
                "14.08.2026|2026-08-14|2026-08-14",
                "4.8.26|2026-08-04|2026-08-04",
                "8/14/2026|2026-08-14|2026-08-14",
                "14/8/2026 06:30|2026-08-14|2026-08-14",
                "3/4/2026|2026-04-03|2026-03-04",
                "14 Aug 2026|2026-08-14|2026-08-14",
                "August 14, 2026|2026-08-14|2026-08-14",
                "31.2.2026|31.2.2026|31.2.2026",
                "in spring|in spring|in spring"
            })
    void aDayIsReadAsItsCountryWritesIt(String typed, String dayFirst, String monthFirst) {
        assertThat(POINT.day(typed)).isEqualTo(dayFirst);
        assertThat(COMMA.day(typed)).isEqualTo(monthFirst);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "1.234 2,5|COMMA|true",
                "1,234 2.5|POINT|true",
                "1,234|POINT|false",
                "1.234|POINT|false",
                "12 14|POINT|true",
                "1,5 1.5|POINT|true",
                "1,5 1.5 1,234|POINT|false"
            })
    void whatPartsDecimalsIsFoundOrSaidToBeUnsure(String cells, Decimals decimals, boolean sure) {
        Writing.Found found = Writing.of(Stream.of(cells.split(" ")), POINT, false);
        assertThat(found.writing().decimals()).isEqualTo(decimals);
        assertThat(found.decimalsSure()).isEqualTo(sure);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "3/4/2026 14/4/2026|DAY_FIRST|true",
                "3/4/2026 4/14/2026|MONTH_FIRST|true",
                "3/4/2026|DAY_FIRST|false",
                "13/4/2026 4/14/2026 3/4/2026|DAY_FIRST|false",
                "3.4.2026|DAY_FIRST|true",
                "2026-04-03|DAY_FIRST|true"
            })
    void theOrderOfADayIsFoundOrSaidToBeUnsure(String cells, Days days, boolean sure) {
        Writing.Found found = Writing.of(Stream.of(cells.split(" ")), POINT, false);
        assertThat(found.writing().days()).isEqualTo(days);
        assertThat(found.daysSure()).isEqualTo(sure);
    }

    @ParameterizedTest
    @EnumSource(Unit.class)
    void whatIsTurnedIntoAUnitAndBackIsTheSame(Unit unit) {
        BigDecimal number = new BigDecimal("12.5");
        for (Unit other : unit.alike()) {
            BigDecimal back = other.in(unit, unit.in(other, number));
            assertThat(back.subtract(number).abs()).isLessThan(new BigDecimal("0.02"));
        }
    }

    @Test
    void unitsAreTurnedIntoThoseOfTheSheet() {
        assertThat(COMMA.number("1,5", Unit.KG, Unit.G)).isEqualTo("1500");
        assertThat(POINT.number("2", Unit.LB, Unit.G)).isEqualTo("907.18474");
        assertThat(POINT.number("50", Unit.F, Unit.C)).isEqualTo("10");
        assertThat(POINT.number("-40", Unit.F, Unit.C)).isEqualTo("-40");
        assertThat(POINT.number("some", Unit.KG, Unit.G)).isEqualTo("some");
        assertThat(POINT.number("", Unit.KG, Unit.G)).isEmpty();
    }
}

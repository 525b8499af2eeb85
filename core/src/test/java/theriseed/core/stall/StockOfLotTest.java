package theriseed.core.stall;

import static org.assertj.core.api.Assertions.assertThat;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import theriseed.core.stall.StockOfLot.Packed;
import theriseed.core.stall.StockOfLot.Promised;
import theriseed.core.stall.StockOfLot.Sold;
import theriseed.core.stall.StockOfLot.Taken;

class StockOfLotTest {
    private static final Optional<String> BULK = Optional.empty();
    private static final Optional<String> RUN = Optional.of("run");

    private static BigDecimal grams(double grams) {
        return BigDecimal.valueOf(grams);
    }

    private static StockOfLot<String> stock(double kept, List<Sold<String>> sold, List<Promised<String>> promised) {
        return StockOfLot.of(
                grams(1000),
                grams(kept),
                List.of(new Packed<>("run", grams(242.4))),
                sold,
                List.of(new Taken<>(BULK, 0, grams(7.6)), new Taken<>(RUN, 2, BigDecimal.ZERO)),
                promised);
    }

    @Test
    void whatLeftIsTakenOffWhereItLeft() {
        StockOfLot<String> stock = stock(
                100,
                List.of(new Sold<>(RUN, 30, null, grams(90)), new Sold<>(BULK, 0, grams(200), grams(24))),
                List.of(new Promised<>(RUN, 5, null), new Promised<>(BULK, 0, grams(50))));
        assertThat(stock.bulk()).isEqualByComparingTo("550");
        assertThat(stock.reserved()).isEqualByComparingTo("100");
        assertThat(stock.promised()).isEqualByComparingTo("50");
        assertThat(stock.free()).isEqualByComparingTo("400");
        assertThat(stock.packetsSold()).isEqualTo(30);
        assertThat(stock.bulkSold()).isEqualByComparingTo("200");
        assertThat(stock.brought()).isEqualByComparingTo("114");
        assertThat(stock.runs()).containsExactly(Map.entry("run", new StockOfLot.Run(32, 5)));
    }

    @Test
    void noMoreIsKeptThanThereIsAndNothingLessThanNothingIsFree() {
        assertThat(stock(5000, List.of(), List.of()).reserved()).isEqualByComparingTo("750");
        assertThat(stock(5000, List.of(), List.of()).free()).isZero();
        StockOfLot<String> over = stock(100, List.of(new Sold<>(BULK, 0, grams(800), grams(1))), List.of());
        assertThat(over.bulk()).as("more left than there was").isEqualByComparingTo("-50");
        assertThat(over.reserved()).isZero();
        assertThat(over.free()).isZero();
    }

    @Test
    void whatIsPromisedIsNotFreeAlsoBeyondWhatThereIs() {
        StockOfLot<String> stock = stock(0, List.of(), List.of(new Promised<>(BULK, 0, grams(900))));
        assertThat(stock.bulk()).isEqualByComparingTo("750");
        assertThat(stock.free()).isZero();
    }
}

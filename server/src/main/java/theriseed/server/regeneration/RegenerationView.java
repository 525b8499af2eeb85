package theriseed.server.regeneration;

import java.util.List;
import java.util.UUID;
import theriseed.core.seedroom.StockForecast;
import theriseed.server.base.Maybe;

/**
 * How long the stock of a variety lasts, and what is to be done.
 *
 * @param grams in stock now, packets too
 * @param demand grams a year; {@code sold} whether it is what left in the last two years, else what the grower says
 * @param years one by one, from this on
 * @param firstShort first year that does not suffice; absent when all do
 * @param sowBy last season to sow it in time; {@code sooner} and {@code later} with 30 % more and less asked for
 * @param overdue whether that season is over
 * @param runsOut what does not suffice then
 * @param plants to grow; {@code setBy} quantity, or the least that keep a variety
 * @param fromLot whose seed to sow; absent where none is left that would do
 * @param planned seasons in which it is planned, and not cleaned yet
 * @param lead years from sowing until there is seed to sell
 */
public record RegenerationView(
        UUID varietyId,
        String variety,
        String crop,
        double grams,
        double germination,
        double standard,
        double demand,
        boolean sold,
        @Maybe Integer demandVersion,
        List<StockForecast.Year> years,
        @Maybe Integer firstShort,
        @Maybe Integer sowBy,
        @Maybe Integer sooner,
        @Maybe Integer later,
        boolean overdue,
        List<StockForecast.RunsOut> runsOut,
        int plants,
        SetBy setBy,
        @Maybe String fromLot,
        List<Integer> planned,
        int lead) {

    /** What decides how many plants are grown. */
    public enum SetBy {
        QUANTITY,
        POPULATION
    }
}

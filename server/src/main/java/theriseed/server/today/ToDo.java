package theriseed.server.today;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import theriseed.core.bench.StepKind;
import theriseed.core.season.RipensHere;
import theriseed.core.season.SeasonWork;
import theriseed.server.base.Maybe;

/**
 * What is to be done, with the figures that say why. In the order in which such work is done on one day. What it says in
 * words stands in the catalogue of sentences. Shares are fractions.
 */
public sealed interface ToDo {
    /** Its place in that order. */
    default int place() {
        return List.of(ToDo.class.getPermittedSubclasses()).indexOf(getClass());
    }

    /** @param overAt from when it ferments too long; {@code over} whether that has come */
    record Rinse(double celsius, LocalDateTime overAt, boolean over) implements ToDo {}

    /** Seed in a cleaner. @param outAt when it is to come out; absent where nobody said for how long */
    record TakeOutOfWash(LocalDateTime since, @Maybe LocalDateTime outAt) implements ToDo {}

    record Stir(LocalDateTime readyAt) implements ToDo {}

    /** A stage of the crop asks for a walk that nobody has done. @param lookFor what shows then */
    record WalkStage(String stage, String lookFor) implements ToDo {}

    record WalkFirst() implements ToDo {}

    /**
     * @param upper share of off-types that may still stand
     * @param more plants to look at without finding any; 0 where only a further whole walk would do
     */
    record WalkOn(double upper, double allowed, int more) implements ToDo {}

    /** More off-types than allowed stand. @param share to expect among what stands */
    record WalkOver(double share, double allowed) implements ToDo {}

    record LookWhetherRipe(LocalDate since) implements ToDo {}

    record WeighHarvest() implements ToDo {}

    /** @param step whose weights cannot be */
    record PutWeightsRight(StepKind step) implements ToDo {}

    record NextStep(StepKind step) implements ToDo {}

    record WeighOut(StepKind step, LocalDateTime since) implements ToDo {}

    /** @param dryAt absent where the air never dries it so far */
    record TrayTooWarm(@Maybe LocalDateTime dryAt) implements ToDo {}

    record TrayRewetted(@Maybe LocalDateTime dryAt) implements ToDo {}

    record TrayForgotten(int days, @Maybe LocalDateTime dryAt) implements ToDo {}

    /** @param moisture percent now, and {@code target} percent */
    record WeighTray(double moisture, double target, @Maybe LocalDateTime dryAt) implements ToDo {}

    /** @param bored share of the seed looked at; up to {@code upper} in the lot */
    record Freeze(double bored, double upper) implements ToDo {}

    record LookForWeevils(LocalDate since) implements ToDo {}

    /** The stall is today. @param packets that were taken along and are not sold by the tally */
    record SellAtStall(int packets) implements ToDo {}

    /** A day at the stall is over, and nobody has said what came back. */
    record CountStallDay(LocalDate heldOn) implements ToDo {}

    /** An order is larger than what is there for it. */
    record FillOrder(String order, LocalDate wantedOn, int lines) implements ToDo {}

    /** An order is wanted, and all of it is there. @param late whether it was wanted before today */
    record DeliverOrder(String order, LocalDate wantedOn, boolean late) implements ToDo {}

    /** An invoice was due and is not paid. */
    record AskForPayment(String invoice, LocalDate dueOn) implements ToDo {}

    record WeighSeed() implements ToDo {}

    /** @param variation of the weights, percent, and percent {@code allowed} */
    record WeighSeedAgain(double variation, double allowed) implements ToDo {}

    record TestGermination() implements ToDo {}

    /** @param germination percent of {@code seeds}; it may be as little as {@code least} where {@code needed} is asked */
    record TestMore(int germination, int seeds, double needed, int least) implements ToDo {}

    record TestAnew(LocalDate ranOut) implements ToDo {}

    /** @param apart points between replicates; chance explains {@code allowed} */
    record RepeatTest(double apart, double allowed) implements ToDo {}

    /** Its forecast asks for a test. */
    record Retest(LocalDate since) implements ToDo {}

    /** @param last whether it is the last count, not the first */
    record CountGermination(int seeds, LocalDate setOn, boolean last) implements ToDo {}

    record DecideHold(String why) implements ToDo {}

    /** @param crosser what crosses it most; {@code crossing} share of the seed, {@code allowed} by its grade */
    record DecideIsolation(String crosser, double crossing, double allowed) implements ToDo {}

    /** Whether it blooms changes what is judged. @param over whether it is asked if the bloom is over, else if it began */
    record LookAtBloom(boolean over) implements ToDo {}

    /** What a neighbour agreed to cut, or is to be mown, was not seen done. @param wild whether nobody was asked */
    record SeePromiseKept(LocalDate by, boolean wild, int season) implements ToDo {}

    /** Nobody wrote down what it was sown with. @param since the day it was sown */
    record SayWhatWasSown(LocalDate since) implements ToDo {}

    /** Its seed is not likely to ripen. @param ends day on which frost or cold ends it; {@code chance} that it ripens before */
    record DecideRipening(RipensHere.Mark mark, LocalDate ends, RipensHere.Cause cause, double chance)
            implements ToDo {}

    /** @param fathered share of the seed an off-type fathered */
    record DecideRing(double fathered, double allowed) implements ToDo {}

    record Pollinate(int flowers) implements ToDo {}

    record SeeWhatTook(int flowers) implements ToDo {}

    record Shake(int bags) implements ToDo {}

    record Pack() implements ToDo {}

    /** What the calendar asks for. @param until its last day; {@code later} whether that is after today */
    record Planned(
            SeasonWork.Kind work,
            LocalDate until,
            boolean later,
            @Maybe String about) implements ToDo {}
}

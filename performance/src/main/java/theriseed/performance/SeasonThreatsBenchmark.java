package theriseed.performance;

import java.util.Map;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;
import theriseed.core.isolation.SeasonThreats;
import theriseed.core.isolation.Threats;

/** All threats of a season, and one step of a planting dragged over the field; each planting has four neighbours. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 3, time = 2)
@Measurement(iterations = 5, time = 2)
@Fork(1)
public class SeasonThreatsBenchmark {
    @Param({"250", "500", "1000", "2000"})
    public int plantings;

    private MadeUpSeason season;
    private SeasonThreats threats;
    private int step;

    @Setup
    public void lay() {
        season = new MadeUpSeason(plantings);
        threats = season.threats().all();
    }

    @Benchmark
    public SeasonThreats wholeSeason() {
        return season.threats().all();
    }

    @Benchmark
    public Map<Integer, Threats> dragStep() {
        return threats.with(0, season.dragged(step++));
    }
}

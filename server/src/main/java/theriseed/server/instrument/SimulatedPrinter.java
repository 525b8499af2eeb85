package theriseed.server.instrument;

import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;
import theriseed.server.base.Refused;

/** A simulated label printer: it remembers what it was last asked to print, and puts nothing on paper. */
@Component
public class SimulatedPrinter {
    private final AtomicReference<Job> last = new AtomicReference<>();
    private final StandIns standIns;

    SimulatedPrinter(StandIns standIns) {
        this.standIns = standIns;
    }

    /** What was to be printed; sizes in millimetres. */
    public record Job(String printer, String what, int labels, double width, double height) {}

    /** @throws Refused on a farm of one's own */
    public Job print(String what, int labels, double width, double height) {
        if (!standIns.here()) {
            throw new Refused("printer", "label printer", "instrument.noPrinter");
        }
        Job job = new Job("simulated label printer", what, labels, width, height);
        last.set(job);
        return job;
    }

    /** The last job; null while nothing was printed. */
    public Job last() {
        return last.get();
    }
}

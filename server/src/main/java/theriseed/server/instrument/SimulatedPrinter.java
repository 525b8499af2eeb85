package theriseed.server.instrument;

import java.util.concurrent.atomic.AtomicReference;
import org.springframework.stereotype.Component;

/** A simulated label printer: it remembers what it was last asked to print, and puts nothing on paper. */
@Component
public class SimulatedPrinter {
    private final AtomicReference<Job> last = new AtomicReference<>();

    /** What was to be printed; sizes in millimetres. */
    public record Job(String printer, String what, int labels, double width, double height) {}

    public Job print(String what, int labels, double width, double height) {
        Job job = new Job("simulated label printer", what, labels, width, height);
        last.set(job);
        return job;
    }

    /** The last job; null while nothing was printed. */
    public Job last() {
        return last.get();
    }
}

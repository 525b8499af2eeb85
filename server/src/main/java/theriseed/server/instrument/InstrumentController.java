package theriseed.server.instrument;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.io.IOException;
import java.time.Instant;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.http.MediaType;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import theriseed.server.base.HandsWork;
import theriseed.server.base.Maybe;

/** What the instruments show, live; nothing of it is written down here. */
@RestController
class InstrumentController {
    private static final long EVERY_MS = 500;
    private static final long AT_MOST_MS = 600_000;

    /** Pages that one person may watch at once; with one more, the oldest looks again. */
    private static final int MOST_PAGES = 8;

    private final Instruments instruments;
    private final SimulatedScale scale;
    private final StandIns standIns;
    /** Who watches, oldest first. */
    private final Queue<Watcher> watching = new ConcurrentLinkedQueue<>();

    private final ScheduledExecutorService clock =
            Executors.newSingleThreadScheduledExecutor(InstrumentController::thread);

    /** Whoever does not read what is told must not keep it from the others. */
    private final ExecutorService telling = Executors.newCachedThreadPool(InstrumentController::thread);

    /** Somebody's open page. */
    private record Watcher(String name, SseEmitter page, AtomicBoolean beingTold) {}

    private static Thread thread(Runnable work) {
        Thread thread = new Thread(work, "instruments");
        thread.setDaemon(true);
        return thread;
    }

    InstrumentController(Instruments instruments, SimulatedScale scale, StandIns standIns) {
        this.instruments = instruments;
        this.scale = scale;
        this.standIns = standIns;
        clock.scheduleWithFixedDelay(this::tell, EVERY_MS, EVERY_MS, TimeUnit.MILLISECONDS);
    }

    /**
     * What the simulated scale is told.
     *
     * @param load grams put on it; {@code tare} whether it is set to nothing; {@code plugged} whether it is heard
     */
    record ScaleRequest(
            @Maybe Double load, @Maybe Boolean tare, @Maybe Boolean plugged) {}

    @GetMapping("/api/instruments")
    List<Shown> shown() {
        return instruments.shown();
    }

    @GetMapping(value = "/api/instruments/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter live(Authentication who) {
        SseEmitter emitter = new SseEmitter(AT_MOST_MS);
        Watcher watcher = new Watcher(who.getName(), emitter, new AtomicBoolean());
        emitter.onCompletion(() -> watching.remove(watcher));
        emitter.onTimeout(emitter::complete);
        emitter.onError(gone -> watching.remove(watcher));
        watching.add(watcher);
        List<Watcher> theirs = watching.stream()
                .filter(one -> one.name().equals(who.getName()))
                .toList();
        theirs.stream()
                .limit(Math.max(0, theirs.size() - MOST_PAGES))
                .forEach(oldest -> oldest.page().complete());
        return emitter;
    }

    /** Uses the simulated scale: puts something on it, sets it to nothing, unplugs it. */
    @HandsWork
    @PostMapping("/api/instruments/scale")
    List<Shown> use(@Valid @NotNull @RequestBody ScaleRequest request) {
        standIns.check(InstrumentKind.SCALE);
        Instant now = Instant.now();
        if (request.plugged() != null) {
            scale.plug(request.plugged());
        }
        if (request.load() != null) {
            scale.put(request.load(), now);
        }
        if (Boolean.TRUE.equals(request.tare())) {
            scale.tare(now);
        }
        return instruments.shown();
    }

    private void tell() {
        if (watching.isEmpty()) {
            return;
        }
        List<Shown> shown;
        try {
            shown = instruments.shown();
        } catch (RuntimeException database) {
            // While the database is away nothing is told; an escaping exception would end the clock for good.
            return;
        }
        for (Watcher watcher : watching) {
            if (watcher.beingTold().compareAndSet(false, true)) {
                telling.execute(() -> tell(watcher, shown));
            }
        }
    }

    private void tell(Watcher watcher, List<Shown> shown) {
        try {
            watcher.page().send(shown, MediaType.APPLICATION_JSON);
        } catch (IOException | IllegalStateException gone) {
            watching.remove(watcher);
        } finally {
            watcher.beingTold().set(false);
        }
    }

    /** Who still watches must not keep the server from stopping. */
    @EventListener(ContextClosedEvent.class)
    void stop() {
        clock.shutdownNow();
        telling.shutdownNow();
        watching.forEach(watcher -> watcher.page().complete());
        watching.clear();
    }
}

package theriseed.server;

import java.util.concurrent.atomic.AtomicLong;
import org.hibernate.resource.jdbc.spi.StatementInspector;
import org.springframework.web.context.request.RequestContextHolder;

/** Counts what is asked of the database for a request, and not what the server looks for by itself meanwhile. */
public final class Queries implements StatementInspector {
    private static final AtomicLong COUNT = new AtomicLong();

    @Override
    public String inspect(String sql) {
        if (RequestContextHolder.getRequestAttributes() != null) {
            COUNT.incrementAndGet();
        }
        return sql;
    }

    /** How many queries the requests of this act take. */
    public static long of(Runnable act) {
        long before = COUNT.get();
        act.run();
        return COUNT.get() - before;
    }
}

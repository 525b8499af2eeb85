package theriseed.server;

import com.zaxxer.hikari.HikariDataSource;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import javax.sql.DataSource;
import org.junit.jupiter.api.extension.BeforeAllCallback;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.springframework.context.ApplicationContext;
import org.springframework.test.context.junit.jupiter.SpringExtension;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.server.base.Changes;

/** Lets every class of tests begin with the demo farm as it is made, whatever the classes before it have done. */
final class FreshFarm implements BeforeAllCallback {
    private static final Set<String> USED = ConcurrentHashMap.newKeySet();

    @Override
    public void beforeAll(ExtensionContext tests) {
        ApplicationContext app = SpringExtension.getApplicationContext(tests);
        String database = app.getEnvironment().getRequiredProperty("test.database");
        if (USED.add(database)) {
            return;
        }
        DemoDatabase.again(database);
        ((HikariDataSource) app.getBean(DataSource.class)).getHikariPoolMXBean().softEvictConnections();
        new TransactionTemplate(app.getBean(PlatformTransactionManager.class))
                .executeWithoutResult(begun -> app.getBean(Changes.class).notePast());
    }
}

package theriseed.server;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.test.context.ContextConfiguration;

/**
 * Tests on the whole server with the demo farm loaded. Those of a class share it, so each makes what it changes; the next
 * class begins anew.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
@SpringBootTest(
        classes = Theriseed.class,
        webEnvironment = SpringBootTest.WebEnvironment.RANDOM_PORT,
        properties = {
            "theriseed.mode=demo",
            "spring.jpa.properties.hibernate.session_factory.statement_inspector=theriseed.server.Queries"
        })
@ContextConfiguration(initializers = DemoDatabase.class)
@ExtendWith(FreshFarm.class)
public @interface DemoFarmTest {}

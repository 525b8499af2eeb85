package theriseed.server.base;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.transaction.annotation.Transactional;
import theriseed.core.measure.OutOfRange;

/**
 * Looks things up and changes nothing. What cannot be calculated from a stored value ends what asked for it, and nothing
 * else: whoever asked may go on without it.
 */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
@Transactional(readOnly = true, noRollbackFor = OutOfRange.class)
public @interface ReadsOnly {}

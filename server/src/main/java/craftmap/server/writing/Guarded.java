package craftmap.server.writing;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.resilience.annotation.Retryable;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Transactional;

/**
 * A change that others may get in the way of. It is one transaction; each of its questions sees
 * what was committed until then, so that what is read after a row was taken hold of is what the row
 * protects. Where the database ends it in favour of another (a deadlock, a write that met another
 * on a cluster), all of it is done again, which is safe since nothing of it was kept.
 *
 * <p>Within another change it is a part of that one, which is then done again as a whole.
 */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
@Documented
@Retryable(
    predicate = Outermost.class,
    maxRetries = 12,
    delay = 4,
    jitter = 4,
    multiplier = 1.6,
    maxDelay = 250)
@Transactional(isolation = Isolation.READ_COMMITTED)
public @interface Guarded {}

package craftmap.server.writing;

import java.lang.annotation.Documented;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/**
 * Something that is worked out, which may take its time, or that is asked in one go. It begins no
 * transaction: what it asks the database are short questions, each by itself, and no connection
 * waits for the sums in between; to begin and end one would take five more ways to the database and
 * back. What has to be of one moment, such as a stock with what is asked of it, is asked for in a
 * transaction. Within a change it is a part of that one and sees what the change has written.
 */
@Target({ElementType.METHOD, ElementType.TYPE})
@Retention(RetentionPolicy.RUNTIME)
@Documented
@Transactional(propagation = Propagation.SUPPORTS, readOnly = true)
public @interface Solves {}

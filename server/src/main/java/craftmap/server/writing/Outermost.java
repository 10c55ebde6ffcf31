package craftmap.server.writing;

import java.lang.reflect.Method;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * Only what the database has ended in favour of another is done again, and only the whole of a
 * change, never a part of it.
 */
class Outermost implements MethodRetryPredicate {
  @Override
  public boolean shouldRetry(Method method, Throwable failure) {
    return EndedByOthers.isWhy(failure)
        && !TransactionSynchronizationManager.isActualTransactionActive();
  }
}

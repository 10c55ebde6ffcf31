package craftmap.server.writing;

import java.lang.reflect.Method;
import org.springframework.resilience.retry.MethodRetryPredicate;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Only the whole of a change is done again, never a part of one that the database has ended. */
class Outermost implements MethodRetryPredicate {
  @Override
  public boolean shouldRetry(Method method, Throwable failure) {
    return !TransactionSynchronizationManager.isActualTransactionActive();
  }
}

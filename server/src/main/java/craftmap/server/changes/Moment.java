package craftmap.server.changes;

import java.util.HashMap;
import java.util.Map;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * How often things had changed when somebody first asked, by studio, for as long as one thing is
 * done or worked out: it asks for the same a dozen times. Forgotten as soon as something else is
 * done in between.
 */
final class Moment {
  /** Only where something is done or worked out in one go. */
  Map<String, Map<Thing, Long>> ofThisGo() {
    if (TransactionSynchronizationManager.getResource(this) instanceof Kept kept) {
      return kept.times;
    }
    Kept fresh = new Kept();
    TransactionSynchronizationManager.registerSynchronization(fresh);
    TransactionSynchronizationManager.bindResource(this, fresh);
    return fresh.times;
  }

  private final class Kept implements TransactionSynchronization {
    private final Map<String, Map<Thing, Long>> times = new HashMap<>();

    @Override
    public void suspend() {
      TransactionSynchronizationManager.unbindResource(Moment.this);
    }

    @Override
    public void resume() {
      times.clear();
      TransactionSynchronizationManager.bindResource(Moment.this, this);
    }

    @Override
    public void afterCompletion(int status) {
      TransactionSynchronizationManager.unbindResourceIfPossible(Moment.this);
    }
  }
}

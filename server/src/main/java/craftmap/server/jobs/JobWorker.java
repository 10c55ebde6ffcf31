package craftmap.server.jobs;

import java.util.concurrent.CancellationException;

/**
 * Does one kind of job, from nothing but what is written in its row: whichever server takes it, and
 * also a second time where the first server went away.
 *
 * @param <I> what it is told, kept as JSON
 */
public interface JobWorker<I> {
  /** By which its rows are told; never another worker's. */
  String kind();

  Class<I> input();

  /** Whether it may be begun again where its server went away: not what a machine has half done. */
  default boolean mayBeginAgain() {
    return true;
  }

  /** Works, says how far it is, and ends early where it is told to stop. */
  JobResult run(Work<I> work, Progress progress) throws Exception;

  /** How the work says how far it is. */
  interface Progress {
    /**
     * Says what share is done, from 0 to 1.
     *
     * @return false where the work is to stop: somebody asked for it, or another server has it now
     */
    boolean at(double share);

    /**
     * Ends the job together with what it changed: in the transaction of the caller, so that both
     * stand or neither does.
     *
     * @throws CancellationException where the job is no longer this server's
     */
    void endsWith(JobResult result);

    /** The same as {@link #at} for work that cannot end halfway: ends it by an exception. */
    default void mustGoOn(double share) {
      if (!at(share)) {
        throw new CancellationException("stopped");
      }
    }
  }
}

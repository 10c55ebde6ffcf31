package craftmap.server.jobs;

/** The work of a job. */
public interface JobWork {
  /** Works, says how far it is, and ends early where it is told to stop. */
  JobResult run(Progress progress) throws Exception;

  /** How the work says how far it is. */
  interface Progress {
    /**
     * Says what share is done.
     *
     * @return false where the work is to stop
     */
    boolean at(double share);

    /** The same for work that cannot end halfway: ends it by an exception. */
    default void mustGoOn(double share) {
      if (!at(share)) {
        throw new java.util.concurrent.CancellationException("stopped");
      }
    }
  }
}

package craftmap.server.jobs;

/** How far a job is. */
public enum JobState {
  /** Waits for its turn, or is worked on. */
  RUNNING,
  DONE,
  FAILED,
  STOPPED,
  /** Its server went away, and it may not be begun again. */
  CUT_SHORT
}

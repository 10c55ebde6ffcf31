package craftmap.server.jobs;

/** How far a job is. */
public enum JobState {
  RUNNING,
  DONE,
  FAILED,
  STOPPED,
  /** Its server went away. */
  CUT_SHORT;

  public boolean isOver() {
    return this != RUNNING;
  }
}

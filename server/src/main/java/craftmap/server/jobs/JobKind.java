package craftmap.server.jobs;

/** What a job does. */
public enum JobKind {
  NEST,
  PRINT,
  CUTTER
}

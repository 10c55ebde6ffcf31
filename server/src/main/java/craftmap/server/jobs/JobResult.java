package craftmap.server.jobs;

/** What a job leaves to be fetched. */
public record JobResult(byte[] content, String mediaType, String fileName) {
  /** For a job whose result is kept elsewhere. */
  public static final JobResult NONE = new JobResult(null, null, null);
}

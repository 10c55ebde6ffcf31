package craftmap.core.measure;

/** How bad a finding is. */
public enum Level {
  /** It is as it should be, and worth knowing. */
  FINE,
  /** It would be better otherwise. */
  TIP,
  /** It often fails. */
  RISK,
  /** It will fail. */
  STOP
}

package craftmap.core.surface;

/** What is on a face now. */
public enum Finish {
  BARE,
  PAINTED,
  WAXED,
  VARNISHED
}

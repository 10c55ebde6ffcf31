package craftmap.core.medium;

/** What its container is measured in. */
public enum SoldBy {
  VOLUME,
  WEIGHT
}

package craftmap.core.medium;

/** What a cured coat bears. */
public enum WaterResistance {
  NONE,
  SPLASH,
  WET
}

package craftmap.core.surface;

/** What a face has to bear. */
public enum Exposure {
  WEAR,
  WET,
  FOOD_NEAR,
  SUN
}

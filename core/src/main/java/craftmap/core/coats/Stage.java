package craftmap.core.coats;

/** The part of a build-up something belongs to, from the bare surface up. */
public enum Stage {
  PREPARE,
  RELIEF,
  PRIME,
  GROUND,
  DECORATE,
  SEAL,
  DRESS
}

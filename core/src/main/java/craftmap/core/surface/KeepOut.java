package craftmap.core.surface;

import craftmap.core.measure.RefusedInput;

/**
 * Part of a face that nothing may cover, such as a lock plate. It may reach over the face's edge,
 * as a lock plate's hasp does.
 */
public record KeepOut(String id, String name, Box area) {
  public KeepOut {
    if (name == null || name.isBlank()) {
      throw new RefusedInput("Name of the keep-out", "empty", "says nothing", "a short name");
    }
  }
}

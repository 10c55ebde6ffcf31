package craftmap.core.plan.edit;

import craftmap.core.plan.Plan;
import java.util.Optional;

/**
 * What an edit made of a plan.
 *
 * @param told what was done
 * @param focus what to look at now
 */
public record Edited(Plan plan, Told told, Focus focus) {
  /** A face, and a lay on it. */
  public record Focus(Optional<String> faceId, Optional<String> layId) {
    public static final Focus NONE = new Focus(Optional.empty(), Optional.empty());

    static Focus on(String faceId) {
      return new Focus(Optional.of(faceId), Optional.empty());
    }

    static Focus on(String faceId, String layId) {
      return new Focus(Optional.of(faceId), Optional.of(layId));
    }
  }
}

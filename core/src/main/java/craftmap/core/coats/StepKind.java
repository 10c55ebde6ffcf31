package craftmap.core.coats;

import craftmap.core.medium.Role;
import java.util.Optional;

/** What is done to a surface before anything goes onto it, in the order in which it is done. */
public enum StepKind {
  /** Old paint is tested before it is sanded. */
  TEST_FOR_LEAD(null),
  /** Wax, and then what took it off. */
  WAX_OFF(Role.STRIPPER),
  STRIP(Role.STRIPPER),
  /** Washed, and rinsed twice. */
  CLEAN(Role.CLEANER),
  FILL(Role.FILLER),
  SAND(null),
  DUST_OFF(null),
  MASK(null);

  private final Role uses;

  StepKind(Role uses) {
    this.uses = uses;
  }

  /** What it takes out of a pot. */
  public Optional<Role> uses() {
    return Optional.ofNullable(uses);
  }

  public String key() {
    return "step:" + name();
  }
}

package craftmap.core.coats.rule;

/** One idea of what goes wrong between a surface, its coats and what is laid on them. */
public interface CoatRule {
  /** Short and stable: notes that stay in a plan name it. */
  String id();

  /** Whether somebody may be hurt: then it is never overruled, only taken note of. */
  default boolean safety() {
    return false;
  }

  void look(Seen seen, Findings found);
}

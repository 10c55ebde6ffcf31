package craftmap.core.log;

/**
 * A kind of work that goes at a pace of its own.
 *
 * @param with the kind of tool or of design that it is done with; empty where that makes no
 *     difference
 */
public record Skill(Craft craft, String with) {
  /** What is done, and what it goes by. */
  public enum Craft {
    COAT(Per.M2),
    WAX_OFF(Per.M2),
    STRIP(Per.M2),
    CLEAN(Per.M2),
    FILL(Per.EACH),
    SAND(Per.M2),
    DUST_OFF(Per.M2),
    MASK(Per.METRE),
    /** On the piece. */
    LAY(Per.TYPICAL_MINUTE),
    /** Cut, torn, weeded or cast, away from the piece. */
    AHEAD(Per.TYPICAL_MINUTE);

    private final Per per;

    Craft(Per per) {
      this.per = per;
    }

    public Per per() {
      return per;
    }
  }

  /** What minutes are told by. */
  public enum Per {
    M2,
    METRE,
    EACH,
    /** What is made up of several things is told by how long all of them take as a rule. */
    TYPICAL_MINUTE
  }

  public static Skill of(Craft craft) {
    return new Skill(craft, "");
  }

  public static Skill of(Craft craft, Enum<?> with) {
    return new Skill(craft, with.name());
  }

  public Topic topic() {
    return new Topic(Topic.About.PACE, craft.name(), with);
  }
}

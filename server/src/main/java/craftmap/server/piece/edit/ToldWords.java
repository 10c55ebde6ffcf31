package craftmap.server.piece.edit;

import craftmap.core.lay.rule.RuleKind;
import craftmap.core.plan.edit.Editing;
import craftmap.core.plan.edit.MarkEdit;
import craftmap.core.plan.edit.Told;
import craftmap.server.words.Words;
import java.util.List;
import java.util.stream.Stream;

/** What was done to a plan, in words; and what is new is called by them. */
public final class ToldWords implements Editing.Names {
  public static final Editing.Names NAMES = new ToldWords();

  private ToldWords() {}

  /** The history's sentence for what was done. */
  public static String say(Told told) {
    return Words.say("told." + told.code().name(), arguments(told));
  }

  private static Object[] arguments(Told told) {
    List<String> names = told.names();
    return switch (told.code()) {
      case OTHER_RULE ->
          new Object[] {names.get(0), Words.say("rule", RuleKind.valueOf(names.get(1)))};
      // labels of fields stand within the sentence
      case RULE -> new Object[] {Words.lower(names.get(0)), names.get(1)};
      case OUTLINE -> new Object[] {names.get(0), Words.lower(names.get(1))};
      case COPIED_TO_ALIKE -> new Object[] {names.get(0), Integer.valueOf(names.get(1))};
      default -> Stream.of(names.toArray()).toArray();
    };
  }

  @Override
  public String copyOf(String name) {
    return Words.say("told.copyName", name);
  }

  @Override
  public String face(int number) {
    return Words.say("told.newFace", number);
  }

  @Override
  public String mark(MarkEdit.Kind kind, int number) {
    return Words.say("told.newMark", kind, number);
  }

  @Override
  public String blemish() {
    return Words.say("told.newBlemish");
  }

  @Override
  public String words() {
    return Words.say("told.words");
  }
}

package craftmap.server.piece.edit;

import craftmap.core.lay.rule.RuleKind;
import craftmap.core.plan.edit.Editing;
import craftmap.core.plan.edit.MarkEdit;
import craftmap.core.plan.edit.Told;
import craftmap.server.words.Words;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

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
      case RULE -> new Object[] {Words.lower(label(names.get(0))), names.get(1)};
      case OUTLINE -> new Object[] {names.get(0), Words.lower(label(names.get(1)))};
      case COPIED_TO_ALIKE -> new Object[] {names.get(0), Integer.valueOf(names.get(1))};
      default -> names.stream().map(ToldWords::label).toArray();
    };
  }

  /** The labels of fields that a name stands for; another name, and what is older, as it is. */
  private static String label(String name) {
    if (name.startsWith(Told.STEP)) {
      return Words.orElse("step." + name.substring(Told.STEP.length()), name);
    }
    if (name.startsWith(Told.TROUBLE)) {
      return Words.orElse("trouble." + name.substring(Told.TROUBLE.length()), name);
    }
    if (name.startsWith(Told.REMEDY)) {
      return Words.orElse("remedy." + name.substring(Told.REMEDY.length()), name);
    }
    if (!name.startsWith(Told.LABEL)) {
      return name;
    }
    return Arrays.stream(name.split(Pattern.quote(Told.NEXT_LABEL + Told.LABEL)))
        .map(l -> l.startsWith(Told.LABEL) ? l.substring(Told.LABEL.length()) : l)
        .map(l -> l.split(Pattern.quote(Told.LABEL_FIGURE)))
        .map(l -> Words.orElse("said." + l[0], name, (Object[]) Arrays.copyOfRange(l, 1, l.length)))
        .collect(Collectors.joining(Told.NEXT_LABEL));
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

package craftmap.server.learning;

import craftmap.core.log.Observation;
import craftmap.core.log.Skill;
import craftmap.core.log.Topic;
import craftmap.core.measure.Decimals;
import craftmap.core.medium.ToolKind;
import craftmap.server.words.Words;
import java.util.Arrays;

/** Says what is learned. */
public final class LearnedWords {
  private LearnedWords() {}

  /** What a figure is about. */
  public static String title(Topic topic, String mediumName) {
    return switch (topic.about()) {
      case PACE -> work(topic);
      case SPREAD ->
          Arrays.stream(ToolKind.values()).anyMatch(t -> t.name().equals(topic.with()))
              ? Words.say(
                  "learned.title.SPREAD.tool", mediumName, Words.say("toolKind." + topic.with()))
              : Words.say("learned.title.SPREAD." + topic.with(), mediumName);
      case TAKES -> Words.say("learned.title.TAKES." + topic.of());
      case HIDES, DRIES -> Words.say("learned.title." + topic.about(), mediumName);
    };
  }

  private static String work(Topic topic) {
    Skill.Craft craft = Skill.Craft.valueOf(topic.of());
    return switch (craft) {
      case COAT -> Words.say("learned.title.COAT", Words.say("toolKind." + topic.with()));
      case LAY, AHEAD ->
          Words.say("learned.title." + craft, Words.lower(Words.say("design." + topic.with())));
      case WAX_OFF, STRIP, CLEAN, FILL, SAND, DUST_OFF, MASK -> Words.say("learned.title." + craft);
    };
  }

  /** A figure with its unit. */
  public static String value(Topic topic, double value) {
    String unit =
        topic.about() == Topic.About.PACE
            ? Skill.Craft.valueOf(topic.of()).per().name()
            : topic.about().name();
    String figure = figure(topic, value);
    return figure.equals("1") && unit.equals(Skill.Per.TYPICAL_MINUTE.name())
        ? Words.say("learned.value.TYPICAL")
        : Words.say("learned.value." + unit, figure);
  }

  /** Without it. */
  public static String figure(Topic topic, double value) {
    return switch (topic.about()) {
      case PACE, SPREAD -> Decimals.show(value, 1);
      case TAKES -> Words.percent(Math.max(0, value - 1));
      case HIDES -> Words.percent(value);
      case DRIES -> Decimals.show(value, 2);
    };
  }

  /** What was seen once. */
  public static String seen(Observation seen) {
    if (seen.low() == seen.high()) {
      return value(seen.topic(), seen.low());
    }
    if (seen.high() >= Observation.FOR_EVER) {
      return Words.say("learned.seen.more", value(seen.topic(), seen.low()));
    }
    if (seen.low() <= 0) {
      return Words.say("learned.seen.less", value(seen.topic(), seen.high()));
    }
    return seen.topic().about() == Topic.About.HIDES
        ? Words.say(
            "learned.seen.hides",
            figure(seen.topic(), seen.low()),
            figure(seen.topic(), seen.high()))
        : Words.say(
            "learned.seen.range",
            figure(seen.topic(), seen.low()),
            value(seen.topic(), seen.high()));
  }

  /** How often it was seen. */
  public static String count(int count) {
    return count == 0 ? Words.say("learned.none") : Words.say("learned.from", count);
  }

  /** A figure that a plan goes by, and how often it was seen. */
  public static String hint(Topic topic, double value, int count) {
    return Words.say("learned.hint", Words.capital(value(topic, value)), count(count));
  }
}

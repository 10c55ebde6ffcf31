package craftmap.server.learning;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.colour.Colour;
import craftmap.core.design.DesignKind;
import craftmap.core.log.Observation;
import craftmap.core.log.Skill;
import craftmap.core.log.Topic;
import craftmap.core.medium.ToolKind;
import org.junit.jupiter.api.Test;

/** How what was learned is said. */
class LearnedWordsTest {
  private static final Topic LAID = Skill.of(Skill.Craft.LAY, DesignKind.STENCIL).topic();

  @Test
  void figuresAreSaidWithTheirUnits() {
    assertThat(LearnedWords.value(Skill.of(Skill.Craft.SAND).topic(), 17.83))
        .isEqualTo("17.8 min a m²");
    assertThat(LearnedWords.value(Skill.of(Skill.Craft.MASK).topic(), 1.67))
        .isEqualTo("1.7 min a metre");
    assertThat(LearnedWords.value(Skill.of(Skill.Craft.FILL).topic(), 2.31))
        .isEqualTo("2.3 min each");
    assertThat(LearnedWords.value(LAID, 1.27)).isEqualTo("1.3 × what is typical");
    assertThat(LearnedWords.value(LAID, 0.97)).isEqualTo("as long as is typical");
    assertThat(LearnedWords.value(Topic.spread("m", "BRUSH"), 8.74)).isEqualTo("8.7 m² a litre");
    assertThat(LearnedWords.value(Topic.takes(Topic.PASTE), 1.12))
        .isEqualTo("12 % more than what stays");
    assertThat(LearnedWords.value(Topic.hides("m"), 0.73)).isEqualTo("one coat hides 73 %");
    assertThat(LearnedWords.value(Topic.dries("m"), 1.4))
        .isEqualTo("1.4 × the time its label says");
  }

  @Test
  void everythingThatCanBeLearnedHasATitle() {
    for (Skill.Craft craft : Skill.Craft.values()) {
      Skill skill =
          switch (craft) {
            case COAT -> Skill.of(craft, ToolKind.SPONGE);
            case LAY, AHEAD -> Skill.of(craft, DesignKind.NAPKIN);
            case WAX_OFF, STRIP, CLEAN, FILL, SAND, DUST_OFF, MASK -> Skill.of(craft);
          };
      assertThat(LearnedWords.title(skill.topic(), "")).as(craft.name()).isNotBlank();
    }
    for (ToolKind tool : ToolKind.values()) {
      assertThat(LearnedWords.title(Topic.spread("m", tool.name()), "Bone white"))
          .startsWith("Bone white, by ");
    }
    assertThat(LearnedWords.title(Topic.spread("m", Topic.THROUGH_OPENINGS), "Bone white"))
        .contains("through openings");
    assertThat(LearnedWords.title(Topic.takes(Topic.CASTINGS), "")).isNotBlank();
    assertThat(LearnedWords.title(Topic.hides("m"), "Bone white")).contains("Bone white");
  }

  @Test
  void whatWasSeenOnceIsSaidAsFarAsItIsKnown() {
    assertThat(
            LearnedWords.seen(
                Observation.hid("m", new Colour("#6B4A2F"), new Colour("#F3EEE2"), 3)))
        .matches("one coat hides \\d+ % to \\d+ %");
    assertThat(LearnedWords.seen(Observation.wet("m", 1.31))).startsWith("more than 1.31");
    assertThat(LearnedWords.seen(Observation.dry("m", 0, 0.83))).startsWith("less than 0.83");
    assertThat(LearnedWords.seen(Observation.dry("m", 0.61, 0.83))).startsWith("0.61 to 0.83");
  }
}

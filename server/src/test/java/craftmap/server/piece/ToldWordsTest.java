package craftmap.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.plan.edit.MarkEdit;
import craftmap.core.plan.edit.Told;
import craftmap.server.piece.edit.ToldWords;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class ToldWordsTest {
  /** Names as the core gives them; two of the codes have something else among theirs. */
  private static List<String> names(Told.Code code) {
    return switch (code) {
      case OTHER_RULE -> List.of("Fern's band", "GRID");
      case COPIED_TO_ALIKE -> List.of("Fern's band", "1");
      default -> List.of("Fern's {0} band", "Lid");
    };
  }

  @ParameterizedTest
  @EnumSource(Told.Code.class)
  void whateverWasDoneIsSaidAndNamesStandAsTheyAreCalled(Told.Code code) {
    String said = ToldWords.say(new Told(code, names(code)));
    assertThat(said).isNotBlank().doesNotContain("told.").doesNotContain("''");
    assertThat(Character.isUpperCase(said.charAt(0))).as(said).isTrue();
  }

  @Test
  void whatIsCountedAndWhatHasWordsOfItsOwnIsSaidByThem() {
    assertThat(ToldWords.say(new Told(Told.Code.COPIED_TO_ALIKE, List.of("Gulls", "1"))))
        .isEqualTo("Gulls copied to 1 face");
    assertThat(ToldWords.say(new Told(Told.Code.COPIED_TO_ALIKE, List.of("Gulls", "3"))))
        .isEqualTo("Gulls copied to 3 faces");
    assertThat(ToldWords.say(new Told(Told.Code.OTHER_RULE, List.of("Gulls", "GRID"))))
        .startsWith("Gulls by another rule: ")
        .doesNotContain("GRID");
    assertThat(ToldWords.say(new Told(Told.Code.RULE, List.of("Gap across", "Gulls"))))
        .isEqualTo("Gulls: gap across");
  }

  @ParameterizedTest
  @EnumSource(MarkEdit.Kind.class)
  void aNewMarkOfEveryKindIsCalledSomething(MarkEdit.Kind kind) {
    assertThat(ToldWords.NAMES.mark(kind, 7)).endsWith(" 7");
  }
}

package craftmap.core.plan;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

class FirstLookTest {
  @ParameterizedTest
  @CsvSource({
    "JAR, GLASS",
    "BOTTLE, GLASS",
    "JUG, GLAZED",
    "PLANTER, STONE_WARE",
    "BOX, METAL",
    "CHEST, WOOD",
    "WARDROBE, WOOD"
  })
  void aPieceBeginsAsWhatItUsuallyIs(FormKind kind, MakeUp of) {
    assertThat(Plan.begun("P", FormNote.typical(kind)).faces())
        .isNotEmpty()
        .allMatch(f -> f.face().makeUp() == of && f.face().finish() == Finish.BARE);
  }

  @Test
  void aBoxWithCornersIsWood() {
    FormNote square = new FormNote(FormKind.BOX, Map.of(), Map.of("shape", "SQUARE"));
    assertThat(Plan.begun("P", square).faces()).allMatch(f -> f.face().makeUp() == MakeUp.WOOD);
  }

  @ParameterizedTest
  @EnumSource(FormKind.class)
  void nothingElseIsFoundAndNothingIsLaid(FormKind kind) {
    Plan plan = Plan.begun("P", FormNote.typical(kind));
    assertThat(plan.lays()).isEmpty();
    assertThat(plan.found().values()).allMatch(f -> f.marks().count() == 0 && !f.ownMarks());
    assertThat(plan.found().keySet())
        .allMatch(id -> plan.faces().stream().anyMatch(f -> f.face().id().equals(id)));
  }
}

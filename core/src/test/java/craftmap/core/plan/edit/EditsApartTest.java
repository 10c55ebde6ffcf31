package craftmap.core.plan.edit;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import craftmap.core.plan.Plan;
import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * What lets two people's edits be put together: those of different faces, marks, lays and measures
 * come to the same plan in whatever order they are made, and change nothing else.
 */
class EditsApartTest {
  private static Plan made(List<SomeEdits.Done> edits) {
    return Bench.done(
        Bench.chest(), edits.stream().map(SomeEdits.Done::edit).toArray(PlanEdit[]::new));
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 29, 311, 4_001, 70_003, 912_367})
  void editsOfDifferentThingsComeToTheSameInWhateverOrder(long seed) {
    Dice dice = new Dice(seed);
    List<SomeEdits.Done> edits = SomeEdits.of(dice);
    assertThat(edits.stream().map(SomeEdits.Done::subject)).doesNotHaveDuplicates();
    Plan one = made(edits);
    for (int i = 0; i < 8; i++) {
      Plan other = made(SomeEdits.shuffled(edits, dice));
      // the faces looked at first are written down first: that order says nothing
      assertThat(other.found()).isEqualTo(one.found());
      assertThat(other.lays()).isEqualTo(one.lays());
      assertThat(other.order()).isEqualTo(one.order());
      assertThat(other.form()).isEqualTo(one.form());
      assertThat(other.name()).isEqualTo(one.name());
      assertThat(other.forSale()).isEqualTo(one.forSale());
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {2, 37, 499, 5_003, 80_021})
  void anEditChangesWhatItIsDoneToAndNothingElse(long seed) {
    Plan before = Bench.chest();
    for (SomeEdits.Done done : SomeEdits.of(new Dice(seed))) {
      Plan after = Bench.done(before, done.edit());
      String subject = done.subject();
      before
          .lays()
          .forEach(
              lay -> {
                if (!subject.endsWith(" " + lay.id())) {
                  assertThat(after.lay(lay.id())).as(subject).contains(lay);
                }
              });
      for (String face : List.of("front", "lid", "left", "back", "right")) {
        boolean itsMark = face.equals("front") && subject.startsWith("mark ");
        if (!subject.endsWith(" " + face) && !itsMark) {
          assertThat(after.foundOn(face)).as(subject).isEqualTo(before.foundOn(face));
        }
      }
      if (!subject.startsWith("measure ")) {
        assertThat(after.form()).as(subject).isEqualTo(before.form());
      }
      if (!subject.equals("sale")) {
        assertThat(after.forSale()).as(subject).isEqualTo(before.forSale());
      }
      if (!subject.equals("name")) {
        assertThat(after.name()).as(subject).isEqualTo(before.name());
      }
    }
  }

  @ParameterizedTest
  @ValueSource(longs = {3, 41, 601, 6_007})
  void theSameEditTwiceIsTheSameAsOnceButWhereSomethingIsTakenAway(long seed) {
    for (SomeEdits.Done done : SomeEdits.of(new Dice(seed))) {
      if (!(done.edit() instanceof MarkEdit.TakeAway)) {
        Plan once = Bench.done(Bench.chest(), done.edit());
        assertThat(Bench.done(once, done.edit())).as(done.subject()).isEqualTo(once);
      }
    }
  }
}

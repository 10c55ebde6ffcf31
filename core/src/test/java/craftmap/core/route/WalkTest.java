package craftmap.core.route;

import static craftmap.core.plan.edit.Bench.done;
import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.coats.StepKind;
import craftmap.core.coats.Wish;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.Way;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Planned;
import craftmap.core.plan.edit.CoatEdit;
import craftmap.core.plan.edit.LayEdit;
import craftmap.core.plan.edit.OrderEdit;
import craftmap.core.plan.edit.PieceEdit;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** The plan itself tells what was done: nobody ticks anything off, and what is undone is open. */
class WalkTest {
  private static final Plan BOARD = Plan.begun("A board", Walk.board());
  private static final Wish.Product PAINT = new Wish.Product.OfKind("chalky-paint");
  private static final String FACE = BOARD.faces().getFirst().face().id();

  private static Plan laid() {
    return BOARD.with(List.of(Planned.lay("a", FACE, "block", RuleKind.SINGLE)));
  }

  @Test
  void nothingIsDoneOnAFreshBoard() {
    assertThat(BOARD.faces()).as("one face is enough to try on").hasSize(1);
    assertThat(Walk.done(BOARD)).isEmpty();
  }

  /** A measure that follows from another was not taken: both have to be read off the tape. */
  @Test
  void itIsMeasuredOnceBothItsSizesWereTaken() {
    Plan wide = done(BOARD, new PieceEdit.Measure(Map.of("width", 512.3), Map.of()));
    assertThat(Walk.done(wide)).isEmpty();
    Plan both = done(wide, new PieceEdit.Measure(Map.of("height", 337.9), Map.of()));
    assertThat(Walk.done(both)).containsExactly(Stop.SURVEY);
  }

  @Test
  void aDesignIsChosenWhileItLiesThere() {
    assertThat(Walk.done(laid())).containsExactly(Stop.CHOOSE);
    assertThat(Walk.done(laid().with(List.of()))).isEmpty();
  }

  @Test
  void itIsOnesOwnByAnotherOptionOrByHand() {
    Pick other = new Pick(Way.Alone.STAND_PLACED, 1, 1);
    Plan picked = laid().with(List.of(laid().lay("a").orElseThrow().withPick(other)));
    assertThat(Walk.done(picked)).containsExactly(Stop.CHOOSE, Stop.LAY_OUT);
    Plan byHand = done(laid(), new LayEdit.ByEye("a", new Eye(2.3, 0.7, 5, List.of())));
    assertThat(Walk.done(byHand)).containsExactly(Stop.CHOOSE, Stop.LAY_OUT);
    assertThat(Walk.done(done(byHand, new LayEdit.ByEye("a", Eye.NONE))))
        .containsExactly(Stop.CHOOSE);
  }

  @Test
  void sandingAloneGivesItNoColour() {
    String group = "of:" + FACE;
    Plan sanded = done(BOARD, new CoatEdit.AddStep(group, StepKind.SAND));
    assertThat(Walk.done(sanded)).isEmpty();
    Plan painted = done(sanded, new CoatEdit.PaintGround(group, Optional.of(PAINT)));
    assertThat(Walk.done(painted)).containsExactly(Stop.COATS);
    assertThat(Walk.done(done(painted, new CoatEdit.StartAnew(group)))).isEmpty();
  }

  @Test
  void itIsKnownWhenItBeginsUntilThatIsLeftOpenAgain() {
    LocalDateTime monday = LocalDateTime.of(2027, 2, 1, 9, 20);
    Plan begins = done(BOARD, new OrderEdit.BeginOn(Optional.of(monday)));
    assertThat(Walk.done(begins)).containsExactly(Stop.ORDER);
    assertThat(Walk.done(done(begins, new OrderEdit.BeginOn(Optional.empty())))).isEmpty();
  }

  /** The last stop is there to be looked at. */
  @Test
  void allThatCanBeDoneIsDoneBeforeTheLast() {
    Plan all =
        done(
            laid(),
            new PieceEdit.Measure(Map.of("width", 611.7, "height", 402.1), Map.of()),
            new LayEdit.ByEye("a", new Eye(1.1, 0, 9, List.of())),
            new CoatEdit.PaintGround("of:" + FACE, Optional.of(PAINT)),
            new OrderEdit.BeginOn(Optional.of(LocalDateTime.of(2027, 3, 2, 14, 5))));
    assertThat(Walk.done(all))
        .containsExactlyElementsOf(Walk.STOPS.subList(0, Walk.STOPS.size() - 1));
  }
}

package craftmap.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.order.climate.DryingLaw;
import craftmap.core.order.work.Apart;
import craftmap.core.order.work.Dry;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.edit.Bench;
import craftmap.core.plan.edit.FaceEdit;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** A chest that is turned for what is poured on it. */
class TurningTest {
  private static final Optional<Dry> HARD =
      Optional.of(new Dry(Dry.For.HANDLE, Duration.ofHours(26), DryingLaw.WARMTH));

  private static Turning.Lies pour(String id, String face) {
    return new Turning.Lies(id, Set.of(face), true, false, HARD);
  }

  private static Turning.Lies coat(String id, String face) {
    return new Turning.Lies(id, Set.of(face), false, false, HARD);
  }

  private static Turning.Lies glue(String id, String face) {
    return new Turning.Lies(id, Set.of(face), false, true, HARD);
  }

  private static List<Apart> apart(Turning.Lies... steps) {
    return Turning.of(Bench.chest().faces(), List.of(steps));
  }

  @Test
  void paintMayBePutOnAnyFaceButThatItLiesOn() {
    assertThat(apart(pour("pour", "front"), coat("coat", "left"))).isEmpty();
    assertThat(apart(pour("pour", "front"), coat("coat", "front"))).isEmpty();
    assertThat(apart(pour("pour", "front"), coat("coat", "back")))
        .containsExactly(new Apart("pour", "coat", HARD, HARD));
    assertThat(apart(coat("coat", "back"), pour("pour", "front")))
        .containsExactly(new Apart("coat", "pour", HARD, HARD));
  }

  @Test
  void noTwoFacesLieLevelAtOnce() {
    assertThat(apart(pour("one", "left"), pour("other", "right"))).hasSize(1);
    assertThat(apart(pour("one", "front"), pour("other", "left"))).hasSize(1);
    assertThat(apart(pour("one", "front"), pour("again", "front"))).isEmpty();
  }

  /** Castings glued on the left slide off while the front is turned up, not while the lid is. */
  @Test
  void whatIsGluedOnHoldsBeforeThePieceIsTurned() {
    assertThat(apart(glue("shells", "left"), pour("pour", "front"))).hasSize(1);
    assertThat(apart(glue("shells", "front"), pour("pour", "front"))).isEmpty();
    assertThat(apart(coat("paint", "left"), coat("more", "right"))).isEmpty();
  }

  /** What comes off lies by itself. */
  @Test
  void aPartThatComesOffNeedsNoTurningOfTheRest() {
    List<Turning.Lies> pours = List.of(pour("pour", "lid"), pour("front", "front"));
    List<PlanFace> off = Bench.done(Bench.chest(), new FaceEdit.ComeOff("lid", true)).faces();
    List<PlanFace> on = Bench.done(Bench.chest(), new FaceEdit.ComeOff("lid", false)).faces();
    assertThat(Turning.of(off, pours)).isEmpty();
    assertThat(Turning.of(on, pours)).hasSize(1);
  }
}

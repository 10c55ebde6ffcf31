package craftmap.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.coats.Pace;
import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.design.Shapes;
import craftmap.core.log.Effort;
import craftmap.core.log.Learned;
import craftmap.core.log.Skill;
import craftmap.core.measure.Times;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Medium;
import craftmap.core.order.work.Doing;
import craftmap.core.order.work.Dry;
import craftmap.core.plan.Need;
import craftmap.core.plan.order.Stretch.Through;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** How often a stencil comes down onto a piece, and what has to dry between. */
class StretchTest {
  private static final Design REEDS = Shapes.block(60, 40, 140, 90);
  private static final Medium PAINT = medium("chalky-paint");

  private static Medium medium(String generic) {
    return GenericMedium.find(generic).orElseThrow().medium();
  }

  private static Need.HandsOn minutes(double onIt) {
    Skill skill = Skill.of(Skill.Craft.LAY, REEDS.kind());
    return new Need.HandsOn(
        new Effort(skill, 0, 0, Learned.NONE.minutes(skill, 1), 1),
        Duration.ZERO,
        new Effort(skill, onIt, 0, Learned.NONE.minutes(skill, 1), 1));
  }

  private static List<Stretch> of(int coats, Through through, double minutes) {
    return Stretch.of(REEDS, coats, through, minutes(minutes), Optional.of(PAINT));
  }

  /** Lifted at once, the sheet walks over all its places in one go; coats wait for each other. */
  @Test
  void everyCoatIsOneGoWhereItIsLiftedWet() {
    List<Stretch> all = of(3, new Through(11, false), 66);
    assertThat(all).hasSize(3).allMatch(s -> s.doing() == Doing.LAY);
    assertThat(all.getFirst().atLeast()).isEmpty();
    assertThat(all.subList(1, 3))
        .allMatch(s -> s.atLeast().filter(d -> d.forWhat() == Dry.For.TOUCH).isPresent());
  }

  /** Left to dry, it comes down once for every place, and comes off once more at the end. */
  @Test
  void aSheetThatStaysUntilItIsDryIsDoneOnePlaceAtATime() {
    List<Stretch> all = of(1, new Through(5, true), 30);
    assertThat(all).hasSize(6);
    assertThat(all.subList(0, 5)).allMatch(s -> s.doing() == Doing.LAY);
    Stretch lift = all.getLast();
    assertThat(lift.doing()).isEqualTo(Doing.LIFT);
    assertThat(lift.time()).isEqualTo(Times.ofMinutes(Pace.LIFT_MINUTES));
    assertThat(lift.atLeast().orElseThrow().label()).isEqualTo(PAINT.drying().touchDry());
  }

  /** However it is lifted, what is laid takes as long; only the lifting comes to it. */
  @Test
  void theWorkIsTheSameHoweverItIsLifted() {
    Random dice = new Random(20_611);
    for (int i = 0; i < 60; i++) {
      int coats = 1 + dice.nextInt(3);
      int places = 1 + dice.nextInt(26);
      double minutes = 3.7 + dice.nextInt(9000) / 71.0;
      List<Stretch> wet = of(coats, new Through(places, false), minutes);
      List<Stretch> dry = of(coats, new Through(places, true), minutes);
      assertThat(wet).hasSize(coats);
      assertThat(dry).hasSize(coats * places + 1);
      assertThat(laid(wet)).isCloseTo(minutes * 60, org.assertj.core.api.Assertions.within(1.0));
      assertThat(laid(dry)).isCloseTo(minutes * 60, org.assertj.core.api.Assertions.within(1.0));
    }
  }

  /** What is done of one way is never taken for something of the other. */
  @Test
  void aStretchIsCalledByItsCoatAndPlace() {
    Random dice = new Random(31_337);
    for (int i = 0; i < 60; i++) {
      int coats = 1 + dice.nextInt(3);
      Through wet = new Through(1 + dice.nextInt(26), false);
      Through dry = new Through(wet.places(), true);
      List<String> wetNames = names(coats, wet);
      List<String> dryNames = names(coats, dry);
      assertThat(wetNames).doesNotHaveDuplicates().doesNotContainAnyElementsOf(dryNames);
      assertThat(dryNames).doesNotHaveDuplicates();
      assertThat(dryNames.getFirst()).isEqualTo("1.1");
      assertThat(dryNames.get(coats * dry.places() - 1)).isEqualTo(coats + "." + dry.places());
      // with more places, or coats, what there was is called as it was
      assertThat(names(coats + 1, dry)).containsAll(dryNames);
      assertThat(names(coats, new Through(dry.places() + 3, true))).containsAll(dryNames);
    }
  }

  private static List<String> names(int coats, Through through) {
    List<Stretch> all = of(coats, through, 60);
    return IntStream.range(0, all.size())
        .mapToObj(n -> through.name(all.get(n).doing(), n))
        .toList();
  }

  @Test
  void whatIsDoneTellsInWhichWayItWasBegun() {
    Set<String> done = Set.of("lay:reeds:1.1", "lay:moon:1", "ground:coat:2", "lay:shells:lift");
    assertThat(Through.begunDry("lay:reeds:", done)).contains(true);
    assertThat(Through.begunDry("lay:moon:", done)).contains(false);
    assertThat(Through.begunDry("lay:shells:", done)).isEmpty();
    assertThat(Through.begunDry("lay:gulls:", done)).isEmpty();
  }

  private static double laid(List<Stretch> all) {
    return all.stream()
        .filter(s -> s.doing() == Doing.LAY)
        .mapToDouble(s -> s.time().toNanos() / 1e9)
        .sum();
  }

  @Test
  void pasteIsNeverLeftToDryUnderItsStencil() {
    assertThat(Through.mayDry(PAINT)).isTrue();
    assertThat(Through.mayDry(medium("fine-paste"))).isFalse();
  }

  /** What is no stencil is laid in one go, in whatever school. */
  @Test
  void whatIsNoStencilIsLaidInOneGo() {
    assertThat(Stretch.of(Prints.napkin(4), 2, Through.AT_ONCE, minutes(17.3), Optional.of(PAINT)))
        .hasSize(1);
  }
}

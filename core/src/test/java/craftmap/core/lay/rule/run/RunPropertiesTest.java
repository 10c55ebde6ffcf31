package craftmap.core.lay.rule.run;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.design.Shapes;
import craftmap.core.design.Stencil;
import craftmap.core.lay.Criterion;
import craftmap.core.lay.Item;
import craftmap.core.lay.Room;
import craftmap.core.lay.Standing;
import craftmap.core.lay.rule.LayAnswer;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.Laying;
import craftmap.core.lay.rule.Ranking;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.Tolerance;
import craftmap.core.plane.Box;
import craftmap.core.surface.Area;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import craftmap.core.surface.outline.ArchOutline;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.Edge;
import craftmap.core.surface.outline.FrameOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import craftmap.core.surface.outline.QuadOutline;
import craftmap.core.surface.outline.RectangleOutline;
import craftmap.core.surface.outline.TrapeziumOutline;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** What holds for every run, tried on seeded random cases. */
class RunPropertiesTest {
  private static final int CASES = 3_000;

  private record Case(double line, double motif, RunWish wish) {
    static Case random(Random random) {
      double motif = 5 + random.nextDouble() * 200;
      return new Case(
          motif * (0.8 + random.nextDouble() * 20),
          motif,
          new RunWish(
              random.nextInt(5) == 0 ? 0 : random.nextDouble() * motif,
              random.nextInt(3) == 0 ? 0 : random.nextDouble() * 60,
              random.nextDouble() * 0.4));
    }

    List<LayOption> options() {
      return RunSums.ranked(line, motif, wish);
    }
  }

  @Test
  void motifsNeverOverlapAndStayOnTheLineUnlessTheyRunOff() {
    Random random = new Random(1);
    for (int i = 0; i < CASES; i++) {
      Case c = Case.random(random);
      for (LayOption option : c.options()) {
        RunRow row = (RunRow) option.arrangement();
        assertThat(row.gapMm()).isGreaterThanOrEqualTo(0);
        for (int k = 0; k < row.count(); k++) {
          assertThat(row.share(k)).isGreaterThan(0).isLessThanOrEqualTo(1);
          if (!row.way().runsOff()) {
            assertThat(row.isWhole(k)).isTrue();
            assertThat(row.startMm(k)).isGreaterThanOrEqualTo(-1e-6);
            assertThat(row.startMm(k) + row.motifMm()).isLessThanOrEqualTo(row.lineMm() + 1e-6);
          }
        }
        if (!row.way().runsOff()) {
          assertThat(row.startMarginMm()).isGreaterThanOrEqualTo(c.wish.endMarginMm() - 1e-6);
          assertThat(row.endMarginMm()).isGreaterThanOrEqualTo(c.wish.endMarginMm() - 1e-6);
        }
        assertThat(Math.abs(row.gapMm() - c.wish.gapMm()))
            .isLessThanOrEqualTo(c.wish.gapMm() * c.wish.allowedChange() + 1e-6);
      }
    }
  }

  @Test
  void symmetricalOptionsAreSymmetrical() {
    Random random = new Random(2);
    for (int i = 0; i < CASES; i++) {
      Case c = Case.random(random);
      for (LayOption option : c.options()) {
        RunRow row = (RunRow) option.arrangement();
        if (row.way().symmetrical()) {
          for (int k = 0; k < row.count(); k++) {
            double mirrored = row.lineMm() - row.centreMm(row.count() - 1 - k);
            assertThat(row.centreMm(k)).isCloseTo(mirrored, within(1e-6));
          }
        }
      }
    }
  }

  @Tag("thorough")
  @Test
  void moreLengthNeverLowersTheLargestWholeCountOnOffer() {
    Random random = new Random(3);
    for (int i = 0; i < CASES; i++) {
      Case c = Case.random(random);
      int before = 0;
      for (int step = 0; step < 12; step++) {
        Case longer = new Case(c.line + step * c.motif / 7, c.motif, c.wish);
        int most =
            longer.options().stream()
                .mapToInt(o -> ((RunRow) o.arrangement()).wholes())
                .max()
                .orElse(0);
        assertThat(most).as("%s", longer).isGreaterThanOrEqualTo(before);
        before = most;
      }
    }
  }

  @Test
  void theRankingIsAStrictOrderAndTheSameInWhateverOrderOptionsCome() {
    Random random = new Random(4);
    for (int i = 0; i < CASES; i++) {
      Case c = Case.random(random);
      List<LayOption> ranked = c.options();
      for (int k = 1; k < ranked.size(); k++) {
        assertThat(ranked.get(k - 1).standing()).isLessThan(ranked.get(k).standing());
        assertThat(ranked.get(k).behindBy()).isPresent();
      }
      List<LayOption> shuffled = new ArrayList<>(ranked);
      Collections.shuffle(shuffled, random);
      assertThat(Ranking.rank(shuffled)).isEqualTo(ranked);
    }
  }

  @Test
  void noWholeSymmetricalRowOfEqualGapsBeatsTheBestByTheStatedOrder() {
    Random random = new Random(5);
    for (int i = 0; i < 400; i++) {
      Case c = Case.random(random);
      List<LayOption> ranked = c.options();
      if (ranked.isEmpty()) {
        continue;
      }
      Standing best = ranked.getFirst().standing();
      for (int n = 1; n * c.motif <= c.line; n++) {
        double margin = (c.line - n * c.motif - (n - 1) * c.wish.gapMm()) / 2;
        if (margin < c.wish.endMarginMm() - 1e-6) {
          break;
        }
        RunRow any =
            new RunRow(Way.OnLine.MOTIF_ON_CENTRE, c.line, c.motif, n, c.wish.gapMm(), margin);
        Standing standing = Run.standing(any, c.wish, List.of());
        for (Criterion criterion : Criterion.values()) {
          if (criterion == Criterion.END_MARGIN_IN_PROPORTION) {
            break; // the offered row is the longest one; a shorter one may have a likelier margin
          }
          assertThat(best.marks()[criterion.ordinal()])
              .isLessThanOrEqualTo(standing.marks()[criterion.ordinal()]);
        }
      }
    }
  }

  @Tag("thorough")
  @RepeatedTest(4)
  void onAFaceItemsNeverLeaveItWhicheverEdgeTheyFollow(RepetitionInfo repetition) {
    Edge edge = Edge.values()[repetition.getCurrentRepetition() - 1];
    Random random = new Random(6);
    int laid = 0;
    for (int i = 0; i < 500; i++) {
      double width = 100 + random.nextDouble() * 1000;
      double height = 100 + random.nextDouble() * 1000;
      Stencil stencil =
          Shapes.block(10 + random.nextDouble() * 150, 10 + random.nextDouble() * 90, 400, 200);
      Box plate = new Box(width / 2 - 20, height / 2 - 20, 40, 40);
      Face face =
          new Face(
              "f",
              "F",
              new RectangleOutline(width, height),
              MakeUp.WOOD,
              Finish.PAINTED,
              new Colour("#1F4650"),
              Set.of(),
              0,
              Relief.FLAT,
              Marks.ofKeepOuts(
                  List.of(new KeepOut("k", "plate", new Area.Upright(plate), Set.of()))));
      EdgeLine line = new EdgeLine(edge, random.nextDouble() * 300, random.nextDouble() * 40, 5);
      if (!(new Run(line, new RunWish(20, 5, 0.2), false)
              .lay(new Laying(Room.on(face, stencil.kind()), stencil))
          instanceof LayAnswer.Options options)) {
        continue;
      }
      laid++;
      for (LayOption option : options.ranked()) {
        for (Item item : option.items()) {
          assertThat(face.outline().holds(item.visible())).isTrue();
          assertThat(item.onKeepOut())
              .isEqualTo(plate.overlaps(item.visible(), Tolerance.EXACT.lengthMm()));
          assertThat(item.print().getArea())
              .isCloseTo(item.visible().areaMm2(), within(1e-6 * item.visible().areaMm2()));
        }
      }
    }
    assertThat(laid).isGreaterThan(100);
  }

  @Tag("thorough")
  @Test
  void onAnyOutlineABandStaysWhollyOnTheFace() {
    Random random = new Random(11);
    List<Outline> outlines =
        List.of(
            OvalOutline.circle(600),
            new OvalOutline(700, 420),
            new ArchOutline(500, 600, 200, ArchOutline.Curve.SEGMENT),
            new TrapeziumOutline(420, 700, 500),
            new QuadOutline(902, 455, 905, 451, 1010, OptionalDouble.empty()),
            new FrameOutline(800, 700, 150, 150, 150, FrameOutline.Shape.OVAL_OPENING),
            new ConeOutline(754, 565, 230));
    int laid = 0;
    for (Outline outline : outlines) {
      Face face =
          new Face(
              "f",
              "F",
              outline,
              MakeUp.WOOD,
              Finish.BARE,
              new Colour("#1F4650"),
              Set.of(),
              0,
              Relief.FLAT,
              Marks.NONE);
      for (int i = 0; i < 60; i++) {
        Edge edge = Edge.values()[i % 4];
        Stencil stencil = Shapes.block(20 + random.nextDouble() * 60, 15, 200, 100);
        EdgeLine line = new EdgeLine(edge, 10 + random.nextDouble() * 400, 0, 0);
        if (new Run(line, new RunWish(12, 0, 0.2), false)
                .lay(new Laying(Room.on(face, stencil.kind()), stencil))
            instanceof LayAnswer.Options options) {
          laid++;
          for (LayOption option : options.ranked()) {
            for (Item item : option.items()) {
              assertThat(outline.holds(item.visible()))
                  .as("%s on %s at %s", item.visible(), outline, line)
                  .isTrue();
            }
          }
        }
      }
    }
    assertThat(laid).isGreaterThan(150);
  }
}

package craftmap.core.surface;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.form.FormFace;
import craftmap.core.form.FormKind;
import craftmap.core.lay.Item;
import craftmap.core.lay.rule.Bench;
import craftmap.core.lay.rule.LayOption;
import craftmap.core.lay.rule.LayRule;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.Way;
import craftmap.core.lay.rule.cover.Wrapping;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import craftmap.core.surface.outline.ConeOutline;
import craftmap.core.surface.outline.Outline;
import craftmap.core.surface.outline.OvalOutline;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** One front over body and lid: what is laid to the front stands in line on all of them. */
class FrontDatumTest {
  private static LayRule rule(RuleKind kind, Map<String, Double> measures, Map<String, String> c) {
    return kind.read(new MeasureSheet(measures, c), List.of(), "");
  }

  private static List<FormFace> faces(FormKind kind, Map<String, Double> measures) {
    return kind.read(new MeasureSheet(measures, Map.of())).faces().faces();
  }

  private static Face face(FormFace f) {
    return new Face(
        f.id(),
        f.name(),
        f.outline(),
        MakeUp.WOOD,
        Finish.BARE,
        new craftmap.core.colour.Colour("#1F4650"),
        java.util.Set.of(),
        0,
        Relief.FLAT,
        Marks.NONE,
        f.front());
  }

  /** How far round the piece a point of a face is, to the right of its middle. */
  private static double degrees(Outline outline, Point p) {
    if (outline instanceof ConeOutline cone) {
      return 360 * (cone.turnShare(p) - 0.5);
    }
    if (outline instanceof OvalOutline lid) {
      return Math.toDegrees(Math.atan2(p.xMm() - lid.widthMm() / 2, p.yMm() - lid.heightMm() / 2));
    }
    return 360 * (p.xMm() / outline.widthMm() - 0.5);
  }

  private static double apart(double a, double b) {
    return Math.abs(Math.IEEEremainder(a - b, 360));
  }

  @ParameterizedTest
  @CsvSource({"JAR, 31.7", "JAR, -77.3", "BOTTLE, 22.9", "BOX, 61.1", "BOX, -140.3"})
  void aPictureOnEveryFaceStandsInOneLine(FormKind kind, double frontMm) {
    Design gull = Prints.cutOut(19.3, 11.7);
    double body = 0;
    for (FormFace f : faces(kind, Map.of("front", frontMm))) {
      if (f.away()) {
        continue;
      }
      double expected = f.front().deg();
      body = f.id().equals("body") ? expected : body;
      assertThat(expected).as(f.name()).isCloseTo(body, within(1e-9)).isNotZero();
      Point mark = f.front().mark(f.outline()).orElseThrow();
      assertThat(apart(degrees(f.outline(), mark), expected)).as(f.name()).isLessThan(1e-6);
      for (LayOption option : Bench.lay(rule(RuleKind.SINGLE, Map.of(), Map.of()), face(f), gull)) {
        Item item = option.items().getFirst();
        if (option.arrangement().way() != Way.Alone.STAND_CENTRE) {
          continue;
        }
        if (f.outline() instanceof OvalOutline) {
          // on the lid it looks to whoever stands at the front
          assertThat(apart(item.at().turnDeg(), -expected)).isLessThan(1e-9);
        } else {
          assertThat(apart(degrees(f.outline(), item.centre()), expected))
              .as(f.name())
              .isLessThan(1e-6);
        }
      }
    }
  }

  @Test
  void paperRoundBodyAndRimIsTurnedByAsMuchOfTheWay() {
    Design paper = Prints.plainPaper(300, 400);
    double share = Double.NaN;
    for (FormFace f : faces(FormKind.BOX, Map.of("front", 83.7, "lidRim", 26.0))) {
      if (f.outline().rolledUp().isEmpty()) {
        continue;
      }
      double round = f.outline().widthMm();
      for (LayOption option : Bench.lay(rule(RuleKind.WRAP, Map.of(), Map.of()), face(f), paper)) {
        Wrapping wrapping = (Wrapping) option.arrangement();
        if (wrapping.way() == Way.AllRound.WRAP_EVEN && wrapping.count() == 2) {
          double first = wrapping.seamsMm().getFirst() / round;
          share = Double.isNaN(share) ? first : share;
          assertThat(first).isCloseTo(share, within(1e-9));
          assertThat(first).isCloseTo(83.7 / round, within(1e-9));
        }
      }
    }
    assertThat(share).isNotNaN();
  }

  /** Dots round a rim of a lid and round the body: every one over another, or half a step off. */
  @Test
  void ringsOfAsManyStandOverEachOther() {
    Dice dice = new Dice(3);
    for (int round = 0; round < 8; round++) {
      double front = -150 + dice.next() * 300;
      int n = 4 + 2 * round;
      for (FormFace f : faces(FormKind.BOX, Map.of("front", front))) {
        if (f.away()) {
          continue;
        }
        boolean lid = f.outline() instanceof OvalOutline;
        double girth = lid ? Math.PI * (f.outline().widthMm() - 24) : f.outline().widthMm();
        Design dot = Prints.cutOut(5, 5);
        LayRule ring =
            rule(
                RuleKind.RING,
                Map.of("inset", 12.0, "gap", girth / n - 5),
                Map.of("around", lid ? "RIM" : "WALL"));
        LayOption on =
            Bench.lay(ring, face(f), dot).stream()
                .filter(o -> o.arrangement().way() == Way.OnRing.RING_ON_DATUM)
                .filter(o -> o.arrangement().count() == n)
                .findFirst()
                .orElseThrow();
        assertThat(on.items())
            .as("%s, %s of %s", f.name(), n, front)
            .anyMatch(i -> apart(degrees(f.outline(), i.centre()), f.front().deg()) < 1e-6);
      }
    }
  }

  @Test
  void withTheFrontInTheMiddleNothingIsTurned() {
    for (FormFace f : faces(FormKind.JAR, Map.of())) {
      assertThat(f.front()).isEqualTo(FrontDatum.MIDDLE);
      Point p = new Point(11.3, 7.1);
      assertThat(f.front().turned(f.outline(), p)).isEqualTo(p);
    }
  }

  @Test
  void onceRoundIsWhereItWas() {
    assertThat(new FrontDatum(360).deg()).isZero();
    assertThat(new FrontDatum(270).deg()).isEqualTo(-90);
  }
}

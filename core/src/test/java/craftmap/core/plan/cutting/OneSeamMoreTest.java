package craftmap.core.plan.cutting;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.chance.Dice;
import craftmap.core.design.Design;
import craftmap.core.design.Prints;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.cover.FurtherSeam;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.plane.Point;
import craftmap.core.supply.Offcut;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The last front from two leftovers. */
class OneSeamMoreTest {
  private static final double FRONT = 600;
  private static final double TALL = 143;

  private static List<DesignCut.Source> fronts(
      Design paper,
      int lays,
      double overlap,
      Map<String, String> choices,
      Map<String, Double> more) {
    Map<String, String> all = new HashMap<>(choices);
    Map<String, Double> measures = new HashMap<>(more);
    measures.put("bleed", 0.0);
    if (overlap == 0) {
      all.put("join", "BUTTED");
    } else {
      measures.put("overlap", overlap);
    }
    return SignLays.laid(
            Optional.of(paper),
            RuleKind.COVER.read(new MeasureSheet(measures, all), List.of(), ""),
            lays,
            FRONT,
            TALL)
        .stream()
        .map(l -> new DesignCut.Source("piece", l))
        .toList();
  }

  private static DesignCut.Leftover leftover(String id, double left, double w) {
    return new DesignCut.Leftover(
        id,
        new Offcut(
            List.of(
                new Point(left, 0),
                new Point(left + w, 0),
                new Point(left + w, 150),
                new Point(left, 150))));
  }

  private static DesignCut cut(
      Design paper, List<DesignCut.Source> fronts, List<DesignCut.Leftover> left, int sheets) {
    return DesignCut.of(paper, fronts, left, sheets, CutWish.PLAIN, done -> true);
  }

  private static final Map<String, String> NOWHERE = Map.of("meets", "NOWHERE");

  @Test
  void theFourthFrontIsMadeOfTwoLeftovers() {
    Design paper = Prints.repeatingPaper(620, 480, 90, 240);
    List<DesignCut.Source> fronts = fronts(paper, 4, 8, NOWHERE, Map.of());
    List<DesignCut.Leftover> left = List.of(leftover("a", 0, 330), leftover("b", 41, 290));
    DesignCut now = cut(paper, fronts, left, 1);
    assertThat(now.unplaced()).hasSize(1);
    OneSeamMore.Found found = OneSeamMore.of(paper, fronts, left, 1, "piece", now).orElseThrow();
    assertThat(found.seam().way()).isEqualTo(FurtherSeam.Way.DOWN_THE_FACE);
    assertThat(found.seam().front()).isZero();
    // one part from each, the first lying 8 under the second
    double first = found.seam().atMm() + 8;
    double second = FRONT - found.seam().atMm();
    assertThat(Math.max(first, second)).isLessThanOrEqualTo(330.001);
    assertThat(Math.min(first, second)).isLessThanOrEqualTo(290.001);
    List<DesignCut.Source> seamed = seamed(paper, fronts, found, 8, NOWHERE);
    DesignCut then = cut(paper, seamed, left, 1);
    assertThat(then.isEnough()).isTrue();
    assertThat(then.newSheets()).isEqualTo(1);
    assertThat(then.sheets()).filteredOn(s -> s.leftoverId().isPresent()).hasSize(2);
  }

  /** The same lays, one of them with the seam that was found. */
  private static List<DesignCut.Source> seamed(
      Design paper,
      List<DesignCut.Source> fronts,
      OneSeamMore.Found found,
      double overlap,
      Map<String, String> choices) {
    Map<String, String> with = new HashMap<>(choices);
    with.put("seam", found.seam().way().name());
    List<DesignCut.Source> parted =
        fronts(paper, fronts.size(), overlap, with, Map.of("seamAt", found.seam().atMm()));
    List<DesignCut.Source> seamed = new ArrayList<>(fronts);
    for (int i = 0; i < fronts.size(); i++) {
      if (fronts.get(i).laid().lay().id().equals(found.layId())) {
        seamed.set(i, parted.get(i));
      }
    }
    return seamed;
  }

  @Test
  void whereThePrintHasToMeetTheSeamIsWhereItDoes() {
    // the print goes on at the seam: 0 to 330 of the one, and of the other from where 330 goes on
    Design paper = Prints.repeatingPaper(620, 150, 90, 150);
    List<DesignCut.Source> fronts = fronts(paper, 1, 0, Map.of(), Map.of());
    List<DesignCut.Leftover> left = List.of(leftover("a", 0, 330), leftover("b", 41, 330));
    DesignCut now = cut(paper, fronts, left, 0);
    OneSeamMore.Found found = OneSeamMore.of(paper, fronts, left, 0, "piece", now).orElseThrow();
    List<DesignCut.Source> seamed = seamed(paper, fronts, found, 0, Map.of());
    DesignCut then = cut(paper, seamed, left, 0);
    assertThat(then.isEnough()).isTrue();
    List<DesignCut.Piece> pieces =
        then.sheets().stream()
            .flatMap(s -> s.pieces().stream())
            .sorted((a, b) -> Integer.compare(a.number(), b.number()))
            .toList();
    double apart =
        pieces.get(1).window().leftMm()
            - pieces.get(0).window().leftMm()
            - pieces.get(0).window().widthMm();
    assertThat(Math.abs(apart - 90 * Math.rint(apart / 90))).isLessThan(0.01);
  }

  @Test
  void aPictureIsMadeOfTheHalvesThatShowIt() {
    Design picture = Prints.paper(600, 143, Prints.motif("moon", 3, 500, 20, 60, 60));
    List<DesignCut.Source> fronts = fronts(picture, 1, 5, Map.of(), Map.of());
    List<DesignCut.Leftover> left = List.of(leftover("right", 280, 320), leftover("left", 0, 300));
    DesignCut now = cut(picture, fronts, left, 0);
    OneSeamMore.Found found = OneSeamMore.of(picture, fronts, left, 0, "piece", now).orElseThrow();
    assertThat(found.seam().atMm()).isBetween(280.0 - 1e-6, 295.0 + 1e-6);
    assertThat(cut(picture, seamed(picture, fronts, found, 5, Map.of()), left, 0).isEnough())
        .isTrue();
  }

  @Test
  void whereOneSeamSparesNothingNoneIsTold() {
    Design paper = Prints.repeatingPaper(620, 480, 90, 240);
    List<DesignCut.Source> fronts = fronts(paper, 4, 8, NOWHERE, Map.of());
    List<DesignCut.Leftover> left = List.of(leftover("a", 0, 330), leftover("b", 41, 277));
    assertThat(OneSeamMore.of(paper, fronts, left, 1, "piece", cut(paper, fronts, left, 1)))
        .isEmpty();
  }

  /** Whatever one seam, at any whole millimetre, can spare is found, and no more is promised. */
  @Tag("thorough")
  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4, 5, 6})
  void whatItSparesIsWhatTheBestOfAllSeamsSpares(long seed) {
    Dice dice = new Dice(seed);
    for (int round = 0; round < 4; round++) {
      int overlap = (int) (dice.next() * 12);
      int lays = 1 + (int) (dice.next() * 3);
      int sheets = (int) (dice.next() * 1.5);
      List<Integer> widths = new ArrayList<>();
      List<DesignCut.Leftover> left = new ArrayList<>();
      int leftovers = 1 + (int) (dice.next() * 4);
      for (int i = 0; i < leftovers; i++) {
        widths.add(120 + (int) (dice.next() * 460));
        left.add(leftover("l" + i, 3.3, widths.get(i)));
      }
      Design paper = Prints.repeatingPaper(620, 150, 90, 150);
      List<DesignCut.Source> fronts = fronts(paper, lays, overlap, NOWHERE, Map.of());
      DesignCut now = cut(paper, fronts, left, sheets);
      Optional<OneSeamMore.Found> found = OneSeamMore.of(paper, fronts, left, sheets, "piece", now);
      DesignCut then =
          found
              .map(f -> cut(paper, seamed(paper, fronts, f, overlap, NOWHERE), left, sheets))
              .orElse(now);
      int unplaced = leastUnplaced(widths, sheets, lays, overlap);
      assertThat(then.unplaced())
          .as("%d: %d fronts, %d sheets, %d over, %s", round, lays, sheets, overlap, widths)
          .hasSize(unplaced);
    }
  }

  private static int leastUnplaced(List<Integer> widths, int sheets, int lays, int overlap) {
    List<Integer> bins = new ArrayList<>(widths);
    for (int i = 0; i < sheets; i++) {
      bins.add(620);
    }
    List<Integer> whole = new ArrayList<>();
    for (int i = 0; i < lays; i++) {
      whole.add((int) FRONT);
    }
    int least = unplaced(whole, 0, bins);
    for (int at = (int) OneSeamMore.LEAST_STRIP_MM;
        at <= FRONT - OneSeamMore.LEAST_STRIP_MM;
        at++) {
      List<Integer> parted = new ArrayList<>(whole.subList(1, lays));
      parted.add(at + overlap);
      parted.add((int) FRONT - at);
      least = Math.min(least, unplaced(parted, 0, bins));
    }
    return least;
  }

  private static int unplaced(List<Integer> parts, int i, List<Integer> bins) {
    if (i == parts.size()) {
      return 0;
    }
    int least = 1 + unplaced(parts, i + 1, bins);
    for (int b = 0; b < bins.size(); b++) {
      if (bins.get(b) >= parts.get(i)) {
        List<Integer> rest = new ArrayList<>(bins);
        rest.set(b, bins.get(b) - parts.get(i));
        least = Math.min(least, unplaced(parts, i + 1, rest));
      }
    }
    return least;
  }
}

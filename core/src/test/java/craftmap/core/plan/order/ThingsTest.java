package craftmap.core.plan.order;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.order.bench.Footprint;
import craftmap.core.order.work.Thing;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.edit.Bench;
import craftmap.core.plan.edit.FaceEdit;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** What of a piece lies by itself, and what it covers. */
class ThingsTest {
  private static Map<String, Thing> things(Plan plan) {
    return Things.of("piece", plan.faces());
  }

  private static Thing of(Plan plan, String face) {
    return things(plan).get("piece " + face);
  }

  private static void covers(Thing thing, double longMm, double shortMm) {
    Footprint size = thing.size().orElseThrow();
    assertThat(size.longMm()).isCloseTo(longMm, within(0.01 * longMm));
    assertThat(size.shortMm()).isCloseTo(shortMm, within(0.01 * shortMm));
  }

  /** The chest stands on its bottom; its lid lies by itself once it is taken off. */
  @Test
  void aPieceCoversWhatItStandsOnAndAPartItsLargestSide() {
    Plan on = Bench.done(Bench.chest(), new FaceEdit.ComeOff("lid", false));
    Plan off = Bench.done(Bench.chest(), new FaceEdit.ComeOff("lid", true));
    PlanFace front =
        on.faces().stream().filter(f -> f.face().id().equals("front")).findFirst().orElseThrow();
    PlanFace lid =
        on.faces().stream().filter(f -> f.face().id().equals("lid")).findFirst().orElseThrow();
    double wide = lid.face().outline().widthMm();
    double deep = lid.face().outline().heightMm();
    assertThat(front.face().outline().widthMm()).isEqualTo(wide);
    assertThat(of(on, "front")).isEqualTo(of(on, "left")).isEqualTo(of(on, "lid"));
    covers(of(on, "front"), Math.max(wide, deep), Math.min(wide, deep));
    assertThat(of(off, "front")).isEqualTo(of(off, "left")).isNotEqualTo(of(off, "lid"));
    assertThat(of(off, "front").part()).isEmpty();
    assertThat(of(off, "lid").part()).isNotEmpty();
    covers(of(off, "lid"), Math.max(wide, deep), Math.min(wide, deep));
  }

  /** Whatever form a piece has, each of its faces is of a thing that covers something. */
  @Test
  void everyFaceOfEveryFormIsOfSomethingThatLiesSomewhere() {
    Set<String> seen = new HashSet<>();
    for (FormKind kind : FormKind.values()) {
      Plan plan = Plan.begun("Piece", new FormNote(kind, Map.of(), Map.of()));
      Map<String, Thing> things = things(plan);
      List<PlanFace> faces = plan.faces();
      for (PlanFace face : faces) {
        Thing thing = things.get("piece " + face.face().id());
        assertThat(thing).as("%s of %s", face.face().id(), kind).isNotNull();
        if (face.shown()) {
          Footprint size = thing.size().orElseThrow();
          assertThat(size.shortMm()).as("%s of %s", face.face().id(), kind).isPositive();
          seen.add(kind + " " + thing.part());
        }
      }
    }
    assertThat(seen).hasSizeGreaterThan(FormKind.values().length);
  }
}

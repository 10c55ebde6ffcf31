package craftmap.core.plan.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Found;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plan.PlanFaces;
import craftmap.core.plane.Box;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Face;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Zone;
import craftmap.core.surface.ZonePlace;
import craftmap.core.surface.outline.OutlineKind;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** A face that was added is set into another, and a zone is of another make than its face. */
class SetIntoEditTest {
  private static Plan withPanel() {
    return Bench.done(Bench.chest(), new FaceEdit.Add("panel", OutlineKind.RECTANGLE));
  }

  private static FaceEdit into(String face, String other, double x, double y) {
    return new FaceEdit.SetInto(face, Optional.of(other), Optional.of(new Point(x, y)));
  }

  private static PlanFace face(Plan plan, String id) {
    return Editing.face(plan, id);
  }

  @Test
  void itLiesOnTheOtherFaceWhereItIsSaidToAndComesOutAgain() {
    Plan set = Bench.done(withPanel(), into("panel", "lid", 33.3, 21.7));
    PlanFace panel = face(set, "panel");
    Box lid = face(set, "lid").onNet().orElseThrow();
    Box own = panel.onNet().orElseThrow();
    assertThat(panel.setInto()).contains("lid");
    assertThat(own.leftMm() - lid.leftMm()).isCloseTo(33.3, within(1e-9));
    assertThat(own.topMm() - lid.topMm()).isCloseTo(21.7, within(1e-9));
    // what is laid on the lid knows of it
    assertThat(PlanFaces.insets(face(set, "lid").face(), set.faces()))
        .singleElement()
        .satisfies(
            g -> {
              assertThat(g.getEnvelopeInternal().getMinX()).isCloseTo(33.3, within(1e-9));
              assertThat(g.getArea()).isCloseTo(panel.face().outline().areaMm2(), within(1e-6));
            });
    Plan alone = Bench.done(set, new FaceEdit.SetInto("panel", Optional.empty(), Optional.empty()));
    assertThat(face(alone, "panel").setInto()).isEmpty();
    assertThat(alone.faces()).isEqualTo(withPanel().faces());
  }

  @Test
  void onTheMiddleWhereNoPlaceIsTold() {
    Plan set =
        Bench.done(
            withPanel(), new FaceEdit.SetInto("panel", Optional.of("lid"), Optional.empty()));
    Box lid = face(set, "lid").onNet().orElseThrow();
    Box own = face(set, "panel").onNet().orElseThrow();
    assertThat(own.centre().xMm()).isCloseTo(lid.centre().xMm(), within(1e-9));
    assertThat(own.centre().yMm()).isCloseTo(lid.centre().yMm(), within(1e-9));
  }

  @Test
  void intoAnotherThatWasAddedAndNoDeeper() {
    Plan two = Bench.done(withPanel(), new FaceEdit.Add("inlay", OutlineKind.OVAL));
    Plan set = Bench.done(two, into("inlay", "panel", 5, 5));
    assertThat(face(set, "inlay").setInto()).contains("panel");
    Box panel = face(set, "panel").onNet().orElseThrow();
    Box inlay = face(set, "inlay").onNet().orElseThrow();
    assertThat(inlay.leftMm() - panel.leftMm()).isCloseTo(5, within(1e-9));
    // neither in a circle nor one in the other in a third
    refused(set, into("panel", "inlay", 1, 1));
    refused(set, into("panel", "lid", 1, 1));
    refused(set, into("panel", "panel", 1, 1));
    refused(set, into("front", "lid", 1, 1));
    refused(set, into("inlay", "panel", 30_000, 1));
  }

  private static void refused(Plan plan, FaceEdit edit) {
    assertThatExceptionOfType(RefusedInput.class).isThrownBy(() -> Bench.done(plan, edit));
  }

  @Test
  void itStandsAloneWhereTheOtherIsGoneOrBothAreInEachOther() {
    Plan two = Bench.done(withPanel(), new FaceEdit.Add("inlay", OutlineKind.OVAL));
    Plan set = Bench.done(two, into("inlay", "panel", 5, 5));
    Plan gone = Bench.done(set, new FaceEdit.TakeOff("panel"));
    assertThat(face(gone, "inlay").setInto()).isEmpty();
    assertThat(face(gone, "inlay").onNet()).isPresent();
    // as a file might say it that nobody checked
    Found panel = set.foundOn("panel");
    Plan circle =
        set.with(
            "panel",
            panel.with(
                panel
                    .belonging()
                    .setInto(Optional.of(new Found.SetInto("inlay", new Point(0, 0))))));
    assertThat(circle.faces())
        .allSatisfy(f -> assertThat(f.onNet().isPresent() || !f.shown()).isTrue());
    assertThat(face(circle, "panel").onNet()).isPresent();
    assertThat(face(circle, "inlay").onNet()).isPresent();
  }

  @Test
  void aZoneIsOfItsOwnMakeOrOfItsFaces() {
    Face front = face(Bench.chest(), "front").face();
    Area area = new Area.Upright(new Box(101.3, 50.7, 400, 200));
    Zone plain = new Zone("z", "Leather", new Colour("#6B4A2F"), area);
    Zone leather =
        new Zone(
            "z",
            "Leather",
            new Colour("#6B4A2F"),
            area,
            Optional.of(MakeUp.LEATHER),
            Optional.of(Finish.WAXED));
    assertThat(ZonePlace.on(front, plain).asFace(front).makeUp()).isEqualTo(front.makeUp());
    Face inset = ZonePlace.on(front, leather).asFace(front);
    assertThat(inset.makeUp()).isEqualTo(MakeUp.LEATHER);
    assertThat(inset.finish()).isEqualTo(Finish.WAXED);
    assertThat(leather.mirrored(870).makeUp()).contains(MakeUp.LEATHER);
    assertThat(leather.under("other").finish()).contains(Finish.WAXED);
  }
}

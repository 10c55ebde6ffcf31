package craftmap.core.plan.edit;

import static craftmap.core.plan.edit.Bench.chest;
import static craftmap.core.plan.edit.Bench.done;
import static craftmap.core.plan.edit.Bench.editing;
import static craftmap.core.plan.edit.Bench.lay;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.chance.Dice;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.Eye;
import craftmap.core.lay.rule.Pick;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.lay.rule.Way;
import craftmap.core.measure.RefusedInput;
import craftmap.core.plan.Found;
import craftmap.core.plan.Lay;
import craftmap.core.plan.LayReading;
import craftmap.core.plan.Plan;
import craftmap.core.plan.PlanFace;
import craftmap.core.plane.Point;
import craftmap.core.surface.Area;
import craftmap.core.surface.Blemish;
import craftmap.core.surface.Hole;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.Marks;
import craftmap.core.surface.outline.OutlineKind;
import craftmap.core.surface.outline.Side;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class PlanEditTest {
  private static Told told(Plan plan, PlanEdit edit) {
    return edit.to(plan, editing()).told();
  }

  private static void refused(Plan plan, PlanEdit edit, String message) {
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> done(plan, edit))
        .withMessageContaining(message);
  }

  private static PlanFace face(Plan plan, String id) {
    return Editing.face(plan, id);
  }

  // ---- the piece

  @Test
  void aMeasureTakenLeavesTheOthersAsTheyWereTakenOrTypical() {
    Plan plan = done(chest(), new PieceEdit.Measure(Map.of("width", 733.5), Map.of()));
    assertThat(plan.form().measures())
        .containsOnly(
            Map.entry("width", 733.5), Map.entry("height", 421.9), Map.entry("depth", 448.1));
    Plan typical = new Plan("P", FormNote.typical(FormKind.CHEST), Map.of(), List.of());
    assertThat(
            done(typical, new PieceEdit.Measure(Map.of("width", 733.5), Map.of()))
                .form()
                .measures())
        .containsOnlyKeys("width");
    refused(
        chest(),
        new PieceEdit.Measure(Map.of("girth", 12.0), Map.of()),
        "measure (girth): is-not-asked-for-here");
    refused(chest(), new PieceEdit.Measure(Map.of("width", -1.0), Map.of()), "width (-1.0 mm)");
    assertThat(told(chest(), new PieceEdit.Measure(Map.of("width", 700.0), Map.of())))
        .isEqualTo(new Told(Told.Code.MEASURED_PIECE, List.of("said:width")));
  }

  // ---- faces

  @Test
  void anOutlineIsTapedMeasureByMeasureAndACheckOfNothingIsNoCheck() {
    Plan shaped = done(chest(), new FaceEdit.Reshape("front", OutlineKind.OUT_OF_SQUARE));
    Plan taped = done(shaped, new FaceEdit.Tape("front", Map.of("left", 419.3), Map.of()));
    assertThat(taped.foundOn("front").shape().outline().orElseThrow().measures())
        .containsEntry("left", 419.3)
        .containsEntry("top", 867.3);
    // what was not taped follows, and is told by the labels of what is asked now
    assertThat(
            done(shaped, new FaceEdit.Tape("front", Map.of("top", 902.3), Map.of()))
                .foundOn("front")
                .shape()
                .outline()
                .orElseThrow()
                .measures())
        .containsOnlyKeys("top", "right");
    assertThat(told(shaped, new FaceEdit.Tape("front", Map.of("top", 902.3), Map.of())).names())
        .containsExactly("Front", "said:top");
    Plan checked = done(taped, new FaceEdit.Tape("front", Map.of("check", 965.0), Map.of()));
    Plan unchecked = done(checked, new FaceEdit.Tape("front", Map.of("check", 0.0), Map.of()));
    assertThat(unchecked).isEqualTo(taped);
  }

  @ParameterizedTest
  @EnumSource(OutlineKind.class)
  void aFaceIsReshapedIntoTheBoxItHadAndOneOfTypicalMeasuresIsAdded(OutlineKind kind) {
    Plan plan = done(chest(), new FaceEdit.Reshape("front", kind), new FaceEdit.Add("own", kind));
    PlanFace front = face(plan, "front");
    assertThat(front.face().outline().note().kind()).isEqualTo(kind);
    boolean keepsWidth =
        switch (kind) {
          case RECTANGLE, ROUNDED, OVAL, ARCH, TRAPEZIUM, OUT_OF_SQUARE, POLYGON, FRAME -> true;
          case CIRCLE, SIDES_AND_DIAGONALS, CYLINDER, CONE, BULGE -> false;
        };
    if (keepsWidth) {
      assertThat(front.face().outline().widthMm()).isCloseTo(867.3, within(1e-6));
      assertThat(front.face().outline().heightMm()).isCloseTo(421.9, within(1e-6));
    }
    assertThat(face(plan, "own").added()).isTrue();
    assertThat(face(plan, "own").face().name()).isEqualTo("Face 1");
    refused(plan, new FaceEdit.Add("own", kind), "face (own): is-there-already");
    refused(plan, new FaceEdit.Add("lid", kind), "face (lid): is-there-already");
  }

  @Test
  void aDuplicateHasEverythingButTheDamage() {
    Plan plan = done(chest(), new FaceEdit.Duplicate("front", "twin"));
    PlanFace twin = face(plan, "twin");
    assertThat(twin.face().name()).isEqualTo("Front again");
    assertThat(twin.face().marks().holes()).extracting(Hole::name).contains("Pull", "Key");
    assertThat(twin.face().marks().blemishes()).isEmpty();
    assertThat(twin.face().marks().ids())
        .doesNotContainAnyElementsOf(face(plan, "front").face().marks().ids());
    assertThat(face(plan, "front")).isEqualTo(face(chest(), "front"));
  }

  @Test
  void aFaceOfTheFormComesBackAsItWasAndAnAddedOneTakesItsLaysAlong() {
    Plan without = done(chest(), new FaceEdit.TakeOff("lid"));
    assertThat(without.faces()).extracting(f -> f.face().id()).doesNotContain("lid");
    assertThat(without.lays()).hasSize(3);
    Plan back = done(without, new FaceEdit.BringBack("lid"));
    assertThat(back).isEqualTo(chest());
    refused(chest(), new FaceEdit.BringBack("lid"), "face (lid): was-not-taken-off");

    Plan more =
        done(
            chest(),
            new FaceEdit.Add("own", OutlineKind.RECTANGLE),
            new LaysEdit.LayDesign("d", "own", "block"));
    assertThat(done(more, new FaceEdit.TakeOff("own"))).isEqualTo(chest());
    Plan sign = new Plan("S", FormNote.typical(FormKind.SIGN), Map.of(), List.of());
    String only = sign.faces().getFirst().face().id();
    Plan one = sign.faces().size() == 1 ? sign : null;
    assertThat(one).isNotNull();
    refused(one, new FaceEdit.TakeOff(only), "is-the-last-one");
  }

  // ---- marks

  @ParameterizedTest
  @EnumSource(MarkEdit.Kind.class)
  void aMarkIsPutDownAroundItsPlaceAndTakenAwayAgain(MarkEdit.Kind kind) {
    Point at = new Point(203.7, 118.3);
    Plan plan = done(chest(), new MarkEdit.Add("front", "m", kind, at));
    var mark = plan.foundOn("front").marks().mark("m").orElseThrow();
    Point middle =
        switch (mark) {
          case KeepOut k -> ((Area.Upright) k.area()).box().centre();
          case Hole h -> h.middle();
          case craftmap.core.surface.Break b ->
              new Point((b.from().xMm() + b.to().xMm()) / 2, b.from().yMm());
          case Blemish b -> b.centre();
          case craftmap.core.surface.Zone z -> ((Area.Upright) z.area()).box().centre();
        };
    assertThat(middle.distanceMm(at)).isLessThan(1e-9);
    assertThat(done(plan, new MarkEdit.TakeAway("front", "m"))).isEqualTo(chest());
    refused(plan, new MarkEdit.Add("front", "m", kind, at), "mark (m): is-there-already");
    refused(chest(), new MarkEdit.TakeAway("front", "m"), "is-not-among-this-faces-own-marks");
  }

  @Test
  void blemishesAreNumberedOverTheWholePiece() {
    Plan plan =
        done(
            chest(),
            new MarkEdit.Add("lid", "x", MarkEdit.Kind.BLEMISH, new Point(10, 10)),
            new MarkEdit.Add("front", "y", MarkEdit.Kind.BLEMISH, new Point(10, 10)));
    assertThat(plan.foundOn("lid").marks().blemishes())
        .extracting(Blemish::number)
        .containsExactly(5);
    assertThat(plan.foundOn("front").marks().blemishes())
        .extracting(Blemish::number)
        .containsExactly(4, 6);
  }

  @Test
  void whatWasTakenAwayMeanwhileDoesNotComeBackByAChange() {
    Hole moved = Hole.single("pull", "Pull", new Point(1, 2), 5);
    assertThat(
            done(chest(), new MarkEdit.Put("front", moved))
                .foundOn("front")
                .marks()
                .holes()
                .getFirst())
        .isEqualTo(moved);
    Plan gone = done(chest(), new MarkEdit.TakeAway("front", "pull"));
    refused(gone, new MarkEdit.Put("front", moved), "mark (pull): is-not-among");
    refused(
        chest(),
        new MarkEdit.Put("front", Blemish.of("pull", 9, "chip", new Point(1, 2), 5)),
        "is-of-another-kind");
  }

  @Test
  void aKeepOutIsShapedWhereItIsAndAHoleHasNoShape() {
    Plan plan =
        done(
            chest(),
            new MarkEdit.Add("front", "k", MarkEdit.Kind.KEEP_OUT, new Point(300.3, 99.1)));
    for (MarkEdit.AreaShape shape : MarkEdit.AreaShape.values()) {
      KeepOut shaped =
          (KeepOut)
              done(plan, new MarkEdit.Shape("front", "k", shape))
                  .foundOn("front")
                  .marks()
                  .mark("k")
                  .orElseThrow();
      switch (shaped.area()) {
        case Area.Upright u ->
            assertThat(u.box().centre().distanceMm(new Point(300.3, 99.1))).isLessThan(1e-9);
        case Area.Round r ->
            assertThat(r.centre().distanceMm(new Point(300.3, 99.1))).isLessThan(1e-9);
        case Area.Corners c -> assertThat(c.points()).hasSize(3);
        case Area.Strip s -> assertThat(s.side()).isEqualTo(Side.Name.TOP);
        case Area.Rim r -> assertThat(r.depthMm()).isPositive();
      }
    }
    refused(
        chest(),
        new MarkEdit.Shape("front", "pull", MarkEdit.AreaShape.RIM),
        "has-no-area-to-shape");
  }

  @Test
  void marksAreTurnedOverToAnotherFaceThatKeepsItsOwnDamage() {
    Plan hurt = done(chest(), new MarkEdit.Add("lid", "x", MarkEdit.Kind.BLEMISH, new Point(9, 9)));
    Marks there = done(hurt, new MarkEdit.HandOver("front", "lid", true)).foundOn("lid").marks();
    assertThat(there.holes()).extracting(h -> h.middle().xMm()).contains(867.3 - 411.7);
    assertThat(there.blemishes()).extracting(Blemish::id).containsExactly("x");
    assertThat(
            done(hurt, new MarkEdit.HandOver("front", "lid", false)).foundOn("lid").marks().holes())
        .extracting(h -> h.middle().xMm())
        .contains(411.7);
    Found own = done(chest(), new MarkEdit.MakeOwn("front")).foundOn("front");
    assertThat(own.ownMarks()).isTrue();
    assertThat(own.marks()).isEqualTo(face(chest(), "front").face().marks());
  }

  // ---- lays

  @Test
  void aDesignIsLaidInAPaintThatShowsAndLiesOverWhatWasThere() {
    Plan plan = done(chest(), new LaysEdit.LayDesign("d", "front", "block"));
    assertThat(plan.lays()).hasSize(4).last().extracting(Lay::id).isEqualTo("d");
    assertThat(lay(plan, "d").potId()).contains("teal");
    assertThat(lay(plan, "d").designId()).contains("block");
    refused(
        chest(),
        new LaysEdit.LayDesign("d", "front", "gone"),
        "design (gone): is-not-on-the-shelf");
    refused(
        chest(), new LaysEdit.LayDesign("d", "roof", "block"), "face (roof): is-not-on-this-piece");
    refused(chest(), new LaysEdit.LayDesign("a", "front", "block"), "lay (a): is-there-twice");
    Plan words = done(chest(), new LaysEdit.LayWords("w", "lid", Optional.of("Lamp oil")));
    assertThat(lay(words, "w").work().rule().text()).isEqualTo("Lamp oil");
    assertThat(told(words, new LayEdit.Hide("w", true)).names()).containsExactly("words");
  }

  /** Typed, dragged or only said: what is put by hand lies where it is put. */
  @Test
  void aPlaceThatIsTypedHolds() {
    Plan alone = done(chest(), new LaysEdit.LayWords("w", "front", Optional.of("Lamp oil")));
    Point best = middle(alone, "w");
    Plan said = done(alone, measure("w", Map.of(), Map.of("placed", "YES")));
    assertThat(middle(said, "w").distanceMm(best)).as("it lies where it lay").isLessThan(1e-6);
    assertThat(lay(said, "w").work().rule().measures()).containsKeys("x", "y");

    Dice dice = new Dice(408);
    Plan typed = said;
    for (int k = 0; k < 40; k++) {
      double x = 190 + 240 * dice.next();
      double y = 120 + 140 * dice.next();
      boolean both = dice.next() < 0.6;
      typed =
          done(
              dice.next() < 0.5 ? alone : typed,
              measure("w", Map.of("x", x), Map.of()),
              measure("w", both ? Map.of("y", y) : Map.of("angle", 3.5), Map.of()));
      Point now = middle(typed, "w");
      assertThat(now.xMm()).isCloseTo(x, within(1e-6));
      if (both) {
        assertThat(now.yMm()).isCloseTo(y, within(1e-6));
      }
    }
    Plan followed = done(typed, measure("w", Map.of("angle", 0.0), Map.of("placed", "NO")));
    assertThat(lay(followed, "w").work().pick()).isEmpty();
    assertThat(middle(followed, "w").distanceMm(best)).isLessThan(1e-6);
  }

  private static LayEdit.Measure measure(
      String layId, Map<String, Double> measures, Map<String, String> choices) {
    return new LayEdit.Measure(layId, measures, choices);
  }

  private static Point middle(Plan plan, String layId) {
    return ((LayReading.Laid) editing().reader().of(lay(plan, layId), plan, "front").orElseThrow())
        .items()
        .getFirst()
        .centre();
  }

  @Test
  void anotherRuleLetsGoOfWhatFittedTheFormerOne() {
    Plan by =
        done(
            chest(),
            new LayEdit.PickOption("a", Optional.of(new Pick(Way.Alone.STAND_PLACED, 1, 1))),
            new LayEdit.ByEye("a", new Eye(2.5, 1.5, 3, List.of())),
            new LayEdit.OtherRule("a", RuleKind.SCATTER));
    Lay lay = lay(by, "a");
    assertThat(lay.work().rule().kind()).isEqualTo(RuleKind.SCATTER);
    assertThat(lay.pick()).isEmpty();
    assertThat(lay.eye()).isEqualTo(Eye.NONE);
    assertThat(lay.potId()).isEqualTo(lay(chest(), "a").potId());
  }

  @Test
  void measuresOfARuleAreThoseItAsksFor() {
    Plan plan =
        done(chest(), new LayEdit.Measure("a", Map.of("gap", 13.7), Map.of("pattern", "BRICK")));
    assertThat(lay(plan, "a").work().rule().measures()).containsEntry("gap", 13.7);
    assertThat(lay(plan, "a").work().rule().choices()).containsEntry("pattern", "BRICK");
    refused(
        chest(),
        new LayEdit.Measure("a", Map.of("depth", 3.0), Map.of()),
        "measure (depth): is-not-asked-for-here");
    refused(
        chest(), new LayEdit.Measure("a", Map.of("gap", -3.0), Map.of()), "gap-across (-3.0 mm)");
    refused(
        chest(),
        new LayEdit.Measure("z", Map.of("gap", 3.0), Map.of()),
        "lay (z): is-not-in-this-plan");
    assertThat(told(chest(), new LayEdit.Measure("a", Map.of("gap", 13.7), Map.of())))
        .isEqualTo(new Told(Told.Code.RULE, List.of("said:gap-across", "Block")));
  }

  @Test
  void aLayMovesAmongThoseOfItsFaceOnly() {
    Plan plan = done(chest(), new LaysEdit.LayDesign("d", "front", "block"));
    Plan later = done(plan, new LaysEdit.Move("b", "front", true));
    assertThat(later.lays()).extracting(Lay::id).containsExactly("a", "d", "c", "b");
    assertThat(done(later, new LaysEdit.Move("b", "front", false))).isEqualTo(plan);
    refused(plan, new LaysEdit.Move("d", "front", true), "is-the-last-on-this-face");
    refused(plan, new LaysEdit.Move("a", "front", false), "is-the-first-on-this-face");
    refused(plan, new LaysEdit.Move("c", "front", false), "is-the-first-on-this-face");
  }

  @Test
  void aCopyIsOpenAndAMirroredOneIsPutByNoHand() {
    Plan held =
        done(
            chest(),
            new LayEdit.Lock("c", true),
            new LayEdit.Measure("c", Map.of("x", 130.3, "angle", 20.0), Map.of("placed", "YES")),
            new LayEdit.ByEye("c", new Eye(2.5, 1.5, 3, List.of())));
    Lay copy = lay(done(held, new LaysEdit.Copy("c", "n", "back", false)), "n");
    assertThat(copy.locked()).isFalse();
    assertThat(copy.work()).isEqualTo(lay(held, "c").work());
    Lay turned = lay(done(held, new LaysEdit.Copy("c", "n", "back", true)), "n");
    assertThat(turned.eye()).isEqualTo(Eye.NONE);
    assertThat(turned.work().rule().measures().get("x")).isCloseTo(867.3 - 130.3, within(1e-9));
    assertThat(turned.work().rule().measures().get("angle")).isEqualTo(-20);
  }

  @Test
  void aLayGoesToAllFacesOfItsSizeAndIsToldHowMany() {
    Plan one = done(chest(), new LaysEdit.LayDesign("d", "left", "block"));
    Plan both = done(one, new LaysEdit.CopyToAlike("d"));
    assertThat(both.lays()).hasSize(5).last().extracting(Lay::faceId).isEqualTo("right");
    assertThat(told(one, new LaysEdit.CopyToAlike("d")))
        .isEqualTo(new Told(Told.Code.COPIED_TO_ALIKE, List.of("Block", "1")));
    refused(chest(), new LaysEdit.CopyToAlike("a"), "Front): has-no-other-face-of-its-size");
  }

  @Test
  void otherPiecesOrFacesLetGoOfThePick() {
    Plan collage =
        done(
            chest(),
            new LaysEdit.LayDesign("d", "lid", "boat"),
            new LayEdit.OtherRule("d", RuleKind.COLLAGE),
            new LayEdit.PickOption("d", Optional.of(new Pick(Way.Alone.STAND_PLACED, 1, 1))),
            new LayEdit.UsePieces("d", List.of("boat", "boat", "block")));
    assertThat(lay(collage, "d").moreDesignIds()).containsExactly("boat", "block");
    assertThat(lay(collage, "d").pick()).isEmpty();
    assertThat(lay(collage, "d").uses("block")).isTrue();
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(() -> new LayEdit.UsePieces("d", List.of()))
        .withMessageContaining("pieces (none): are-too-few");
    refused(chest(), new LayEdit.Over("a", List.of("lid")), "are-more-than-this-rule-lays-at-once");
  }

  // ---- together

  @Test
  void ofSeveralEditsTheFirstThatCannotBeRefusesAllAndTheLastIsTold() {
    List<PlanEdit> edits = List.of(new LayEdit.Coats("a", 3), new LaysEdit.TakeOff("b"));
    Edited edited = PlanEdit.all(chest(), edits, editing());
    assertThat(lay(edited.plan(), "a").coats()).isEqualTo(3);
    assertThat(edited.told()).isEqualTo(new Told(Told.Code.TOOK_LAY_OFF, List.of("Block")));
    assertThat(edited.focus().faceId()).contains("front");
    assertThatExceptionOfType(RefusedInput.class)
        .isThrownBy(
            () ->
                PlanEdit.all(
                    chest(),
                    List.of(new LayEdit.Coats("a", 3), new LayEdit.Coats("a", 31)),
                    editing()))
        .withMessageContaining("coats (31)");
  }
}

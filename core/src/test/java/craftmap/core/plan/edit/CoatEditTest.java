package craftmap.core.plan.edit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import craftmap.core.coats.Band;
import craftmap.core.coats.Blend;
import craftmap.core.coats.Coats;
import craftmap.core.coats.Group;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.Habits;
import craftmap.core.coats.Place;
import craftmap.core.coats.StepKind;
import craftmap.core.coats.Where;
import craftmap.core.coats.Wish;
import craftmap.core.coats.Wishes;
import craftmap.core.colour.Colour;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.measure.RefusedInput;
import craftmap.core.measure.TapeDivision;
import craftmap.core.plan.Lay;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Planned;
import craftmap.core.plan.coats.CoatGroups;
import craftmap.core.plan.coats.CoatsReader;
import craftmap.core.plan.coats.CoatsReading;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.assertj.core.groups.Tuple;
import org.junit.jupiter.api.Test;

class CoatEditTest {
  private static final Wish.Product PAINT = new Wish.Product.OfKind("chalky-paint");

  private static Plan chest() {
    return Plan.begun(
        "Chest",
        new FormNote(
            FormKind.CHEST, Map.of("width", 870.0, "height", 420.0, "depth", 450.0), Map.of()));
  }

  private static Plan done(Plan plan, PlanEdit... edits) {
    return PlanEdit.all(plan, List.of(edits), Bench.editing()).plan();
  }

  private static CoatsReading read(Plan plan) {
    return CoatsReader.read(
        plan, new PlanReader(Planned.SHELF, TapeDivision.MM_1).read(plan), Planned.SHELF.coats());
  }

  private static GroupReading group(Plan plan, String id) {
    return read(plan).group(id).orElseThrow();
  }

  private static List<String> ids(Plan plan) {
    return CoatGroups.of(plan).stream().map(Group::id).toList();
  }

  @Test
  void facesThatAreAlikeShareTheirCoatsUntilOneIsOtherwise() {
    Plan chest = chest();
    assertThat(ids(chest)).containsExactly("of:front");
    Plan other = done(chest, new FaceEdit.ChangeFinish("lid", Finish.VARNISHED));
    assertThat(ids(other)).containsExactly("of:front", "of:lid");
  }

  /**
   * Faces that are not alike are judged by the one that asks the most, in whatever order they are.
   */
  @Test
  void aGroupOfUnlikeFacesIsJudgedByTheMostDemanding() {
    Plan chest =
        done(
            chest(),
            new FaceEdit.ChangeMakeUp("lid", MakeUp.LAMINATE),
            new FaceEdit.ChangeFinish("left", Finish.WAXED));
    for (List<String> faces :
        List.of(List.of("front", "lid"), List.of("lid", "front"), List.of("back", "lid"))) {
      Plan together =
          done(
              chest,
              new CoatEdit.MakeGroup(
                  "own", "Together", faces.stream().<Place>map(Place.OfFace::new).toList()));
      GroupReading group = read(together).ofFace("lid").orElseThrow();
      assertThat(group.surface().makeUp()).as("%s", faces).isEqualTo(MakeUp.LAMINATE);
      assertThat(group.surface().isSlick()).isTrue();
    }
    Plan waxed =
        done(
            chest,
            new CoatEdit.MakeGroup(
                "own", "Together", List.of(new Place.OfFace("lid"), new Place.OfFace("left"))));
    assertThat(read(waxed).ofFace("lid").orElseThrow().surface().finish()).isEqualTo(Finish.WAXED);
  }

  @Test
  void aPaintThatIsChosenIsTheGroundOfAllFacesOfTheGroup() {
    Plan painted = done(chest(), new CoatEdit.PaintGround("of:front", Optional.of(PAINT)));
    Colour paint = new Colour("#D8D2C0");
    assertThat(painted.foundOn("lid").surface().ground()).isEqualTo(paint);
    // what is painted over is what it was until then
    assertThat(painted.foundOn("lid").surface().now()).hasValue(new Colour("#D9CFBC"));
    assertThat(read(painted).shows("lid")).hasValue(paint);
  }

  /** What a face shall look like is one decision, told in either place. */
  @Test
  void anotherGroundAtSurveyTakesTheFaceOutOfItsGroup() {
    Plan painted = done(chest(), new CoatEdit.PaintGround("of:front", Optional.of(PAINT)));
    Plan other = done(painted, new FaceEdit.ChangeGround("lid", new Colour("#1F4650")));
    assertThat(ids(other)).contains("of:lid");
    assertThat(group(other, "of:front").group().hasFace("lid")).isFalse();
    Plan alone =
        done(
            chest(),
            new CoatEdit.MakeGroup("lid", "Lid", List.of(new Place.OfFace("lid"))),
            new CoatEdit.PaintGround("lid", Optional.of(PAINT)),
            new FaceEdit.ChangeGround("lid", new Colour("#1F4650")));
    assertThat(group(alone, "lid").group().wishes().coat(Band.GROUND).product()).isEmpty();
    assertThat(read(alone).shows("lid")).hasValue(new Colour("#1F4650"));
  }

  @Test
  void aGroupThatWasPartedAndOneThatIsCalledByTheSameFaceAreTold() {
    Plan painted = done(chest(), new CoatEdit.PaintGround("of:front", Optional.of(PAINT)));
    Plan parted = done(painted, new FaceEdit.ChangeGround("front", new Colour("#B1492A")));
    assertThat(ids(parted)).doesNotHaveDuplicates().contains("of:front", "of:front-2");
  }

  @Test
  void whatIsLeftOutIsBroughtBackAndAllCanBeProposedAnew() {
    Plan painted = done(chest(), new CoatEdit.PaintGround("of:front", Optional.of(PAINT)));
    List<String> keys = group(painted, "of:front").buildUp().keys();
    assertThat(keys).contains("step:CLEAN", "seal");
    Plan without =
        done(
            painted,
            new CoatEdit.LeaveOut("of:front", "seal"),
            new CoatEdit.AddStep("of:front", StepKind.STRIP));
    assertThat(group(without, "of:front").buildUp().keys())
        .doesNotContain("seal")
        .contains("step:STRIP");
    Plan back = done(without, new CoatEdit.BringBack("of:front", "seal"));
    assertThat(group(back, "of:front").buildUp().keys()).contains("seal");
    Plan anew = done(back, new CoatEdit.StartAnew("of:front"));
    assertThat(group(anew, "of:front").group().wishes()).isEqualTo(Wishes.NONE);
  }

  @Test
  void aLayThatIsCarriedPastAnotherIsLaidInThatOrder() {
    Plan plan =
        done(
            chest(),
            new LaysEdit.LayDesign("one", "front", "block"),
            new LaysEdit.LayDesign("two", "front", "block"));
    Plan moved =
        done(
            plan,
            new CoatEdit.MoveBand("of:front", "lay:two", Optional.of("lay:one"), Optional.empty()));
    assertThat(moved.lays()).extracting(Lay::id).containsExactly("two", "one");
    assertThat(group(moved, "of:front").buildUp().keys()).containsSubsequence("lay:two", "lay:one");
    Plan back = done(moved, new LaysEdit.Move("one", "front", false));
    assertThat(back.lays()).extracting(Lay::id).containsExactly("one", "two");
    assertThat(group(back, "of:front").buildUp().keys()).containsSubsequence("lay:one", "lay:two");
  }

  @Test
  void aMoveThatARuleStopsIsRefusedUnlessItIsInsistedOn() {
    Plan waxed =
        done(
            chest(),
            new CoatEdit.PaintGround("of:front", Optional.of(PAINT)),
            new CoatEdit.AddCoat("of:front", "w", new Wish.Product.OfKind("clear-wax")));
    CoatEdit under =
        new CoatEdit.MoveBand("of:front", "own:w", Optional.of("ground"), Optional.empty());
    assertThatThrownBy(() -> done(waxed, under))
        .isInstanceOf(RefusedInput.class)
        .hasMessageContaining("wax-then-coat");
    Plan insisted =
        done(
            waxed,
            new CoatEdit.MoveBand(
                "of:front", "own:w", Optional.of("ground"), Optional.of("a resist")));
    assertThat(group(insisted, "of:front").open()).noneMatch(f -> f.rule().equals("wax-then-coat"));
    assertThat(group(insisted, "of:front").findings())
        .anyMatch(f -> f.note().filter("a resist"::equals).isPresent());
  }

  @Test
  void coatsAreCopiedToAnotherGroup() {
    Plan two =
        done(
            chest(),
            new FaceEdit.ChangeMakeUp("lid", MakeUp.BOARD),
            new CoatEdit.PaintGround("of:front", Optional.of(PAINT)),
            new CoatEdit.AddCoat("of:front", "d", new Wish.Product.OfKind("dark-wax")),
            new CoatEdit.CopyCoats("of:front", "of:lid"));
    assertThat(group(two, "of:lid").buildUp().keys()).contains("ground", "own:d");
    Colour lid = read(two).shows("lid").orElseThrow();
    // another surface under it, hidden: no more than that is left of it
    assertThat(lid.lab().ciede2000From(read(two).shows("front").orElseThrow().lab())).isLessThan(5);
  }

  @Test
  void anotherSchoolIsFollowedByAllThatIsProposed() {
    Plan painted = done(chest(), new CoatEdit.PaintGround("of:front", Optional.of(PAINT)));
    Plan waxed = done(painted, new CoatEdit.ChooseHabits(Habits.USUAL.with(Habits.Seal.WAX)));
    assertThat(group(waxed, "of:front").buildUp().keys()).contains("wax").doesNotContain("seal");
  }

  @Test
  void whatIsNotThereIsRefusedByName() {
    for (CoatEdit edit :
        List.of(
            new CoatEdit.StartAnew("attic"),
            new CoatEdit.ChangeCoat("of:front", "ground", Wish.OPEN.times(2)),
            new CoatEdit.MoveBand("of:front", "own:x", Optional.empty(), Optional.empty()),
            new CoatEdit.TakeMend("of:front", "bleed", "ground", "block-it"),
            new CoatEdit.LeaveOut("of:front", "lay:x"),
            new CoatEdit.MakeGroup("g", "", List.of()))) {
      assertThatThrownBy(() -> done(chest(), edit)).as("%s", edit).isInstanceOf(RefusedInput.class);
    }
  }

  @Test
  void nothingIsKeptOfCoatsWhereNothingWasDecided() {
    assertThat(chest().coats()).isEqualTo(Coats.NONE);
    Plan anew =
        done(
            chest(),
            new CoatEdit.MakeGroup("g", "G", List.of(new Place.OfFace("lid"))),
            new CoatEdit.DissolveGroup("g"));
    assertThat(anew.coats()).isEqualTo(Coats.NONE);
  }

  @Test
  void partsAreCoatedByWhatTheyAreUsuallyLike() {
    Plan parts =
        done(
            chest(),
            new CoatEdit.MakeGroup(
                "iron", "Handles", List.of(new Place.OfParts(Place.Parts.HANDLES, 0))),
            new CoatEdit.PaintGround("iron", Optional.of(PAINT)));
    GroupReading iron = group(parts, "iron");
    assertThat(iron.surface().makeUp()).isEqualTo(MakeUp.METAL);
    assertThat(iron.buildUp().band(Band.PRIMER)).isPresent();
    Plan measured =
        done(
            parts,
            new CoatEdit.MakeGroup(
                "iron", "Handles", List.of(new Place.OfParts(Place.Parts.HANDLES, 31_313))));
    assertThat(group(measured, "iron").surface().areaMm2()).isEqualTo(31_313);
  }

  private static CoatEdit.BlendGround.Part part(String colour, double share) {
    return new CoatEdit.BlendGround.Part(new Wish.Product.AsIf(new Colour(colour)), share);
  }

  private static CoatEdit blend(CoatEdit.BlendGround.Part... parts) {
    return new CoatEdit.BlendGround("of:front", List.of(parts), 63);
  }

  @Test
  void aGroundIsBlendedFromItsFootUpWhateverTheSharesAddUpTo() {
    Plan blended =
        done(chest(), blend(part("#1F4650", 3), part("#9C4A2C", 1.5), part("#F1EADA", 3)));
    List<Blend.Stripe> stripes = read(blended).blend("front").orElseThrow().stripes();
    assertThat(stripes)
        .extracting(s -> s.part().from(), s -> s.part().to(), s -> s.part().bandMm())
        .containsExactly(
            Tuple.tuple(0.0, 0.4, 63.0),
            Tuple.tuple(0.4, 0.4 + 0.2, 63.0),
            Tuple.tuple(0.4 + 0.2, 1.0, 63.0));
    assertThat(stripes)
        .extracting(s -> s.seen().colour().hex())
        .containsExactly("#1F4650", "#9C4A2C", "#F1EADA");
  }

  @Test
  void aBlendOfFewerColoursLeavesNothingOfTheOthers() {
    Plan three = done(chest(), blend(part("#1F4650", 1), part("#9C4A2C", 1), part("#F1EADA", 1)));
    Plan two = done(three, blend(part("#1F4650", 1), part("#F1EADA", 2)));
    assertThat(read(two).blend("front").orElseThrow().stripes()).hasSize(2);
    Plan one = done(two, blend(part("#9C4A2C", 7)));
    assertThat(read(one).blend("front").orElseThrow().stripes()).isEmpty();
    assertThat(read(one).shows("front")).hasValue(new Colour("#9C4A2C"));
    assertThat(group(one, "of:front").group().wishes().coats()).containsOnlyKeys(Band.GROUND);
  }

  @Test
  void noneAndFourAreNoBlend() {
    assertThatThrownBy(() -> blend()).isInstanceOf(RefusedInput.class);
    CoatEdit.BlendGround.Part p = part("#1F4650", 1);
    assertThatThrownBy(() -> blend(p, p, p, p)).isInstanceOf(RefusedInput.class);
    assertThatThrownBy(() -> part("#1F4650", 0)).isInstanceOf(RefusedInput.class);
  }

  @Test
  void whereItIsRubbedThroughIsDecidedAndPreparationIsNot() {
    Plan rubbed =
        done(
            chest(),
            new CoatEdit.PaintGround("of:front", Optional.of(PAINT)),
            new CoatEdit.AddStep("of:front", StepKind.DISTRESS),
            new CoatEdit.ChangeCoat(
                "of:front", StepKind.DISTRESS.key(), Wish.OPEN.with(new Where.Edges(9, 0.7))));
    Band band = group(rubbed, "of:front").band(StepKind.DISTRESS.key()).orElseThrow().band();
    assertThat(((Band.Step) band).where()).isEqualTo(new Where.Edges(9, 0.7));
    assertThatThrownBy(
            () ->
                done(
                    rubbed,
                    new CoatEdit.ChangeCoat(
                        "of:front", StepKind.CLEAN.key(), Wish.OPEN.with(new Where.Edges(9, 0.7)))))
        .isInstanceOf(RefusedInput.class);
    Plan without = done(rubbed, new CoatEdit.LeaveOut("of:front", StepKind.DISTRESS.key()));
    assertThat(group(without, "of:front").group().wishes().coats())
        .doesNotContainKey(StepKind.DISTRESS.key());
  }
}

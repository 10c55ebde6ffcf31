package craftmap.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.design.Design;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Picture;
import craftmap.core.design.Prints;
import craftmap.core.design.Shapes;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.measure.MeasureSheet;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.cutting.Pool;
import craftmap.core.plan.reading.PlanReader;
import craftmap.core.plan.reading.PlanReading;
import craftmap.core.plane.Box;
import craftmap.core.surface.Area;
import craftmap.core.surface.Finish;
import craftmap.core.surface.KeepOut;
import craftmap.core.surface.MakeUp;
import craftmap.core.surface.Marks;
import craftmap.core.surface.Relief;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** How much lays take, held against sums done by hand. */
class QuantitiesTest {
  private static final PotLabel PAINT = new PotLabel("p", "Teal", new Colour("#1F4650"), 11);
  private final Map<String, Design> designs = new HashMap<>();
  private final List<Lay> lays = new ArrayList<>();

  private static Design texture(double thickness, double width, double turn) {
    return DesignKind.TEXTURE.read(
        Prints.card(),
        new MeasureSheet(
            Map.of("paste", thickness, "width", width, "height", turn),
            Map.of("tool", "PATTERN_ROLLER")),
        Optional.of(Picture.bare(width, turn)));
  }

  private QuantitiesTest lay(
      String designId,
      Design design,
      String face,
      RuleKind rule,
      Map<String, Double> measures,
      Map<String, String> choices) {
    designs.put(designId, design);
    lays.add(
        Lay.fresh(
            "lay" + lays.size(),
            face,
            Optional.of(designId),
            rule.read(new MeasureSheet(measures, choices), List.of(), ""),
            new Lay.Pot(Optional.of("p"), 2)));
    return this;
  }

  private PlanReading on(FormKind form, Map<String, Double> measures, Map<String, Found> found) {
    Shelf shelf =
        new Shelf() {
          @Override
          public Optional<Design> design(String id) {
            return Optional.ofNullable(designs.get(id));
          }

          @Override
          public Optional<PotLabel> pot(String id) {
            return Optional.of(PAINT);
          }
        };
    return new PlanReader(shelf, TapeDivision.MM_1)
        .read(new Plan("P", new FormNote(form, measures, Map.of()), found, lays));
  }

  private PlanReading onASign(double w, double h, Found found) {
    return on(
        FormKind.SIGN,
        Map.of("width", w, "height", h),
        found == null ? Map.of() : Map.of(SIGN, found));
  }

  private static final String SIGN =
      FormKind.SIGN.read(MeasureSheet.blank()).faces().faces().getFirst().id();

  private static LayReading.Laid first(PlanReading reading) {
    return (LayReading.Laid)
        reading.lays().stream()
            .filter(LayReading.Laid.class::isInstance)
            .findFirst()
            .orElseThrow(() -> new AssertionError(reading.lays().toString()));
  }

  private static Marks plates(Box... boxes) {
    List<KeepOut> plates = new ArrayList<>();
    for (Box b : boxes) {
      plates.add(new KeepOut("k" + plates.size(), "Plate", new Area.Upright(b), Set.of()));
    }
    return Marks.ofKeepOuts(plates);
  }

  @Test
  void pasteUnderARollerCountsWhereStripsOverlapOnce() {
    Design roller = texture(3.4, 150, 180);
    PlanReading reading =
        lay("t", roller, SIGN, RuleKind.ROLLER, Map.of("overlap", 5.0), Map.of())
            .onASign(504.5, 555.2, null);
    assertThat(first(reading).takes().find(Need.Paste.class).orElseThrow().volumeMl())
        .isCloseTo(1047.6, within(0.05));
  }

  @Test
  void aPaintedZoneTakesItsReliefAndItsFirstCoat() {
    lay("z", Prints.zone(), SIGN, RuleKind.WHOLE_FACE, Map.of(), Map.of());
    Found painted = Founds.surface(MakeUp.WOOD, Finish.PAINTED, Relief.CARVED);
    assertThat(first(onASign(1000, 1000, painted)).takes().potMl()).isCloseTo(248.2, within(0.05));
    Found bare = Founds.surface(MakeUp.WOOD, Finish.BARE, Relief.CARVED);
    assertThat(first(onASign(1000, 1000, bare)).takes().potMl())
        .isCloseTo(1.3 * 2.25 / 11 * 1.05 * 1000, within(0.05));
  }

  @Test
  void aZoneOnADoorLeavesOutThePanelThatIsSetIntoIt() {
    PlanReading blank = on(FormKind.CUPBOARD, Map.of(), Map.of());
    var door =
        blank.faces().stream()
            .filter(
                f ->
                    blank.faces().stream()
                        .anyMatch(p -> p.place().setInto().equals(Optional.of(f.face().id()))))
            .findFirst()
            .orElseThrow();
    lay("z", Prints.zone(), door.face().id(), RuleKind.WHOLE_FACE, Map.of(), Map.of());
    PlanReading reading = on(FormKind.CUPBOARD, Map.of(), Map.of());
    double zone = first(reading).takes().paint().orElseThrow().areaMm2();
    assertThat(zone).isCloseTo(door.measure().netMm2(), within(1.0));
    assertThat(zone).isLessThan(door.measure().grossMm2() * 0.95);
  }

  @Test
  void tapeGoesWhereWorkMeetsWhatIsKeptOutAndNowhereElse() {
    // four strips round a pad of 760 x 420: the pad's own edge is taped, not the strips' outsides
    Marks strips =
        plates(
            new Box(0, 0, 900, 60),
            new Box(0, 480, 900, 60),
            new Box(0, 60, 70, 420),
            new Box(830, 60, 70, 420));
    for (boolean paste : new boolean[] {true, false}) {
      lays.clear();
      if (paste) {
        lay("d", texture(2, 120, 120), SIGN, RuleKind.ROLLER, Map.of(), Map.of());
      } else {
        lay("d", Shapes.block(60, 40, 140, 90), SIGN, RuleKind.GRID, Map.of(), Map.of());
      }
      double masking =
          first(onASign(900, 540, Founds.with(strips)))
              .takes()
              .find(Need.Tape.class)
              .map(Need.Tape::mm)
              .orElse(0.0);
      if (paste) {
        assertThat(masking).isCloseTo(2360, within(2.0));
      } else {
        // of a stencil only what its sheets come to lie on
        assertThat(masking).isBetween(500.0, 2360.5);
      }
    }
  }

  @Test
  void whatIsGluedIsMeasuredByTheOutlineNotByTheBoxAroundIt() {
    Design disc = Prints.roundCutOut(82.2);
    PlanReading reading =
        lay("c", disc, SIGN, RuleKind.SINGLE, Map.of(), Map.of()).onASign(400, 300, null);
    assertThat(first(reading).takes().find(Need.Coated.class).orElseThrow().mm2())
        .isCloseTo(Math.PI * 82.2 * 82.2 / 4, within(15.0));
  }

  // ---- what lays share

  private static Pool pool(PlanReading reading, String layId) {
    return reading.poolOf(layId, Prints.card().id()).orElseThrow();
  }

  @Test
  void sixDrawersPaperedOneByOneShareTheirSheets() {
    // three parts a drawer, four to a sheet
    Design paper = Prints.repeatingPaper(500, 700, 100, 60);
    Map<String, Double> chest = Map.of("width", 900.0, "height", 800.0, "rows", 6.0);
    for (int d = 1; d <= 6; d++) {
      lay("paper", paper, "drawer-" + d, RuleKind.COVER, Map.of(), Map.of());
    }
    PlanReading reading = on(FormKind.DRAWER_CHEST, chest, Map.of());
    Pool pool = pool(reading, "lay0");
    double sum = pool.uses().stream().mapToDouble(Pool.Use::quantity).sum();
    assertThat(pool.uses()).hasSize(6);
    assertThat(sum).isEqualTo(6);
    assertThat(pool.count()).isEqualTo(5);
    assertThat(pool.least()).isLessThanOrEqualTo(pool.count());
    assertThat(pool.quantity()).isEqualTo(pool.count());
  }

  @Test
  void aBodyAndItsLidShareOneNapkin() {
    Design napkin = Prints.napkin(4, Prints.motif("gull", 4, 30, 30, 60, 50));
    for (int i = 0; i < 4; i++) {
      lay("napkin", napkin, SIGN, RuleKind.SINGLE, Map.of(), Map.of());
    }
    Pool pool = pool(onASign(600, 400, null), "lay3");
    assertThat(pool.count()).isEqualTo(1);
    assertThat(pool.least()).isEqualTo(1);
  }

  @Test
  void twoFramesComeOutOfTheLengthsTheyShare() {
    Design trim =
        DesignKind.MOULDING.read(
            Prints.card(),
            new MeasureSheet(
                Map.of("stock", 2000.0, "width", 20.0, "height", 15.0), Map.of("form", "LENGTHS")),
            Optional.empty());
    lay("trim", trim, SIGN, RuleKind.FRAME, Map.of("saw", 3.0), Map.of());
    lay("trim", trim, SIGN, RuleKind.FRAME, Map.of("saw", 3.0, "inset", 60.0), Map.of());
    PlanReading reading = onASign(300, 200, null);
    Pool pool = pool(reading, "lay0");
    // 1 m and 0.52 m of trim: one length by itself each, and one for both
    assertThat(pool.uses().stream().mapToDouble(Pool.Use::quantity).sum()).isEqualTo(4000);
    assertThat(pool.count()).isEqualTo(1);
    assertThat(pool.quantity()).isEqualTo(2000);
  }

  @Test
  void ofHandedPiecesEachHandIsCounted() {
    Design corner =
        DesignKind.MOULDING.read(
            Prints.card(),
            new MeasureSheet(Map.of("width", 60.0, "height", 60.0), Map.of("form", "HANDED_PAIR")),
            Optional.empty());
    lay("corner", corner, SIGN, RuleKind.CORNERS, Map.of(), Map.of());
    LayReading.Laid pairs = first(onASign(600, 400, null));
    Pool ofPairs = Pool.of(List.of(pairs)).getFirst();
    assertThat(ofPairs.left()).isEqualTo(2);
    assertThat(ofPairs.right()).isEqualTo(2);
  }
}

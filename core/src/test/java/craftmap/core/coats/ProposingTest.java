package craftmap.core.coats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import craftmap.core.design.DesignKind;
import craftmap.core.design.Prints;
import craftmap.core.medium.Coating;
import craftmap.core.medium.GenericMedium;
import craftmap.core.medium.Role;
import craftmap.core.medium.ToolKind;
import craftmap.core.surface.Exposure;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;

/** What is proposed for a group, and what is not, since nothing asks for it. */
class ProposingTest {
  private static final String DEEP = "#1F4650";

  /** In a colour it has not, from a pot whose paint needs no other over it. */
  private static Built painted(MakeUp makeUp, Finish finish) {
    return Built.of(makeUp, finish, "#C9A26B", DEEP).pot("deep", "mineral-paint", DEEP, 5_000);
  }

  private static Built painted() {
    return painted(MakeUp.BOARD, Finish.PAINTED);
  }

  private static Built chalky() {
    return Built.painted("#C9A26B", DEEP).pot("deep", "chalky-paint", DEEP, 5_000);
  }

  private static List<String> keys(Built built) {
    return built.read().buildUp().keys();
  }

  private static Band.Coat coat(Built built, String key) {
    return (Band.Coat) Built.band(built.read(), key).band();
  }

  private static Band.Step step(Built built, StepKind kind) {
    return (Band.Step) Built.band(built.read(), kind.key()).band();
  }

  private static Wish from(String pot) {
    return Wish.of(new Wish.Product.OfPot(pot));
  }

  // ---- preparation

  /** From papers that take off what is there to one that paint lies smooth on, none left out. */
  @Test
  void papersBecomeFinerByNoMoreThanTwice() {
    Set<MakeUp> never = EnumSet.of(MakeUp.GLASS, MakeUp.GLAZED, MakeUp.LEATHER);
    for (MakeUp makeUp : MakeUp.values()) {
      for (Finish finish : Finish.values()) {
        Built built = painted(makeUp, finish);
        String of = makeUp + ", " + finish;
        assertThat(keys(built).contains(StepKind.SAND.key()))
            .as(of)
            .isEqualTo(!never.contains(makeUp));
        assertThat(keys(built).contains(StepKind.DUST_OFF.key()))
            .as(of)
            .isEqualTo(!never.contains(makeUp));
        if (never.contains(makeUp)) {
          continue;
        }
        List<Integer> grits = step(built, StepKind.SAND).grits();
        assertThat(grits.getLast()).as(of).isEqualTo(220);
        for (int i = 1; i < grits.size(); i++) {
          assertThat(grits.get(i)).as(of).isBetween(grits.get(i - 1) + 1, 2 * grits.get(i - 1));
        }
      }
    }
  }

  /** Raw wood and a hard varnish are keyed coarse; what was smooth once is not torn up again. */
  @Test
  void theFirstPaperGoesByWhatIsThere() {
    assertThat(step(painted(MakeUp.WOOD, Finish.BARE), StepKind.SAND).grits())
        .containsExactly(120, 180, 220);
    assertThat(step(painted(MakeUp.VENEER, Finish.BARE), StepKind.SAND).grits())
        .containsExactly(120, 180, 220);
    assertThat(step(painted(MakeUp.BOARD, Finish.BARE), StepKind.SAND).grits())
        .containsExactly(220);
    assertThat(step(painted(MakeUp.METAL, Finish.BARE), StepKind.SAND).grits())
        .containsExactly(120, 220);
    for (MakeUp makeUp : List.of(MakeUp.WOOD, MakeUp.BOARD, MakeUp.METAL)) {
      assertThat(step(painted(makeUp, Finish.VARNISHED), StepKind.SAND).grits())
          .containsExactly(120, 220);
      assertThat(step(painted(makeUp, Finish.PAINTED), StepKind.SAND).grits())
          .containsExactly(180, 220);
      assertThat(step(painted(makeUp, Finish.WAXED), StepKind.SAND).grits())
          .containsExactly(180, 220);
    }
  }

  /** It is the dust of old coats that may hurt: where nothing is sanded there is none. */
  @Test
  void oldCoatsOnWoodAreTestedForLeadBeforeTheyAreSanded() {
    for (MakeUp makeUp : MakeUp.values()) {
      for (Finish finish : Finish.values()) {
        boolean wooden = makeUp == MakeUp.WOOD || makeUp == MakeUp.VENEER || makeUp == MakeUp.BOARD;
        boolean old = finish == Finish.PAINTED || finish == Finish.VARNISHED;
        List<String> keys = keys(painted(makeUp, finish));
        int test = keys.indexOf(StepKind.TEST_FOR_LEAD.key());
        assertThat(test >= 0).as("%s, %s", makeUp, finish).isEqualTo(wooden && old);
        if (test >= 0) {
          assertThat(test).isLessThan(keys.indexOf(StepKind.SAND.key()));
        }
      }
    }
  }

  @Test
  void nothingIsPreparedForNothing() {
    assertThat(keys(Built.bareWood())).isEmpty();
    // a step of one's own is preparation, and there is nothing it would prepare for
    assertThat(keys(Built.bareWood().step(StepKind.SAND))).isEmpty();
    // worn, but nothing is put on it that would have to be closed
    assertThat(keys(Built.bareWood().bears(Exposure.WEAR))).isEmpty();
    Built laid = Built.bareWood().lay("n", Prints.napkin(4), 60_113, "decoupage-medium", 2);
    assertThat(keys(laid)).containsExactly("step:CLEAN", "step:SAND", "step:DUST_OFF", "lay:n");
    assertThat(keys(laid.bears(Exposure.WEAR)))
        .containsExactly("step:CLEAN", "step:SAND", "step:DUST_OFF", "lay:n", "seal");
  }

  @Test
  void hollowsAreFilledAndDustedEvenWhereNothingIsSanded() {
    Built glass = painted(MakeUp.GLASS, Finish.BARE);
    assertThat(keys(glass)).doesNotContain("step:FILL", "step:DUST_OFF");
    assertThat(keys(glass.damaged("chip", 7.3)))
        .containsSubsequence("step:CLEAN", "step:FILL", "step:DUST_OFF", "ground");
    assertThat(keys(painted(MakeUp.GLASS, Finish.BARE).damaged("burn", 7.3)))
        .doesNotContain("step:FILL", "step:DUST_OFF");
  }

  @Test
  void tapeIsForWhatIsCoatedBesideSomethingElse() {
    assertThat(keys(painted().masked(0.7))).contains("step:MASK");
    assertThat(keys(painted())).doesNotContain("step:MASK");
    // wax is rubbed on and dries to no skin: there is no edge to tape
    assertThat(keys(Built.bareWood().masked(713).added("w", "clear-wax").pot("clear-wax")))
        .contains("own:w")
        .doesNotContain("step:MASK");
  }

  @Test
  void ownSandingGoesByTheUsualPapersAndByOneWhereThereAreNone() {
    Band.Step wood = step(painted().step(StepKind.SAND), StepKind.SAND);
    assertThat(wood.own()).isTrue();
    assertThat(wood.grits()).containsExactly(180, 220);
    assertThat(step(painted(MakeUp.GLASS, Finish.BARE).step(StepKind.SAND), StepKind.SAND).grits())
        .containsExactly(220);
    assertThat(step(painted(MakeUp.WOOD, Finish.WAXED), StepKind.WAX_OFF).passes()).isEqualTo(2);
    assertThat(step(painted(), StepKind.CLEAN).passes()).isOne();
  }

  // ---- the ground

  @Test
  void thePaintTakenIsTheOneThatComesNearestAndOfTwoAlikeTheFuller() {
    Random dice = new Random(88_211);
    for (int i = 0; i < 300; i++) {
      List<InHand> pots = new ArrayList<>();
      for (int k = 0; k < 7; k++) {
        Colour of = k == 6 ? pots.getFirst().medium().coverage().colour() : any(dice);
        pots.add(
            new InHand(
                Optional.of("p" + k),
                Built.medium(k == 3 ? "clear-satin" : "chalky-paint").in(of),
                13.7 + dice.nextDouble() * 900));
      }
      Colour wanted = any(dice);
      InHand nearest = Proposing.nearest(pots, wanted).orElseThrow();
      assertThat(nearest.medium().kind().role()).isEqualTo(Role.PAINT);
      for (InHand other : pots) {
        if (other.medium().kind().role() == Role.PAINT) {
          double less = apart(nearest, wanted) - apart(other, wanted);
          assertThat(less).isLessThanOrEqualTo(0);
          assertThat(less < 0 || nearest.freeMl() >= other.freeMl()).isTrue();
        }
      }
    }
    assertThat(Proposing.nearest(List.of(), new Colour(DEEP))).isEmpty();
  }

  private static Colour any(Random dice) {
    return new Colour("#%06X".formatted(dice.nextInt(0x1000000)));
  }

  private static double apart(InHand paint, Colour wanted) {
    return paint.medium().coverage().colour().lab().ciede2000From(wanted.lab());
  }

  /** A pot is taken where nobody sees that it is another colour; else paint is to be found. */
  @Test
  void aPotOfAnotherColourIsNotPassedOffAsTheWantedOne() {
    Random dice = new Random(5_119);
    int fromPots = 0;
    for (int i = 0; i < 120; i++) {
      Colour wanted = any(dice);
      Colour near =
          dice.nextBoolean()
              ? any(dice)
              : new Colour(
                  "#%06X"
                      .formatted(
                          Integer.parseInt(wanted.hex().substring(1), 16) ^ dice.nextInt(8)));
      Built built =
          Built.of(MakeUp.BOARD, Finish.PAINTED, "#808080", wanted.hex())
              .pot("near", "mineral-paint", near.hex(), 900);
      double now = new Colour("#808080").lab().ciede2000From(wanted.lab());
      if (now <= Covering.HIDDEN) {
        assertThat(keys(built)).doesNotContain(Band.GROUND);
        continue;
      }
      InHand taken = coat(built, Band.GROUND).of();
      assertThat(apart(taken, wanted)).isLessThanOrEqualTo(Covering.HIDDEN);
      boolean isNear = near.lab().ciede2000From(wanted.lab()) <= Covering.HIDDEN;
      assertThat(taken.potId()).isEqualTo(isNear ? Optional.of("near") : Optional.empty());
      fromPots += isNear ? 1 : 0;
    }
    assertThat(fromPots).isBetween(20, 100);
  }

  @Test
  void whatIsWishedOfThePrimerIsKept() {
    UnaryOperator<Built> bare = b -> b.pot("all-purpose-primer").pot("grey-primer");
    Built wished = bare.apply(painted()).wish(Band.PRIMER, from("grey-primer"));
    assertThat(coat(wished, Band.PRIMER).of().potId()).contains("grey-primer");
    assertThat(coat(wished, Band.PRIMER).times()).isPositive();
    Built often = bare.apply(painted()).wish(Band.PRIMER, from("grey-primer").times(4));
    assertThat(coat(often, Band.PRIMER).times()).isEqualTo(4);
    assertThat(coat(often, Band.PRIMER).timesChosen()).isTrue();
    assertThat(keys(bare.apply(painted(MakeUp.GLASS, Finish.BARE)).without(Band.PRIMER)))
        .contains(Band.GROUND)
        .doesNotContain(Band.PRIMER);
    // how often alone: of what is proposed, or of nothing
    Built glass = painted(MakeUp.GLASS, Finish.BARE).pot("bonding-primer");
    assertThat(coat(glass.wish(Band.PRIMER, Wish.OPEN.times(3)), Band.PRIMER).times()).isEqualTo(3);
  }

  /** Primed, and the ground left to another day. */
  @Test
  void aPrimerCanBeAllThereIs() {
    Built only =
        Built.bareWood()
            .pot("all-purpose-primer")
            .wish(Band.PRIMER, from("all-purpose-primer").times(2));
    assertThat(keys(only)).contains(Band.PRIMER).doesNotContain(Band.GROUND);
    assertThat(coat(only, Band.PRIMER).times()).isEqualTo(2);
    assertThat(
            coat(
                    painted()
                        .pot("grey-primer")
                        .wish(Band.PRIMER, from("grey-primer"))
                        .without(Band.GROUND),
                    Band.PRIMER)
                .times())
        .isOne();
  }

  // ---- what is added

  @Test
  void everyMediumHasItsStageItsToolAndItsPlace() {
    Map<Role, Stage> stages = new EnumMap<>(Role.class);
    for (GenericMedium generic : GenericMedium.all()) {
      Built built = painted().area(73_311.7).pot(generic.key()).added("x", generic.key());
      Band.Coat coat = coat(built, "own:x");
      stages.put(coat.role(), coat.stage());
      ToolKind tool = coat.tool().kind();
      switch (coat.role()) {
        case WAX, METALLIC_WAX, POWDER, STAIN, CLEANER, STRIPPER ->
            assertThat(tool).as(generic.key()).isEqualTo(ToolKind.CLOTH);
        case PASTE, FILLER, CLAY, RESIN ->
            assertThat(tool).as(generic.key()).isEqualTo(ToolKind.PALETTE_KNIFE);
        default -> assertThat(tool).as(generic.key()).isEqualTo(ToolKind.BRUSH);
      }
      boolean wiped =
          Set.of("glaze", "crackle-medium", "wood-stain", "oil-stain", "dark-wax")
              .contains(generic.key());
      assertThat(coat.where() instanceof Where.WipedBack).as(generic.key()).isEqualTo(wiped);
    }
    assertThat(stages.get(Role.FILLER)).isEqualTo(Stage.PREPARE);
    assertThat(stages.get(Role.PASTE)).isEqualTo(Stage.RELIEF);
    assertThat(stages.get(Role.STAIN_BLOCKER)).isEqualTo(Stage.PRIME);
    assertThat(stages.get(Role.STAIN)).isEqualTo(Stage.GROUND);
    assertThat(stages.get(Role.GLAZE)).isEqualTo(Stage.DECORATE);
    assertThat(stages.get(Role.RESIN)).isEqualTo(Stage.SEAL);
    assertThat(stages.get(Role.WAX)).isEqualTo(Stage.DRESS);
  }

  @Test
  void fromATenthOfASquareMetreOnARollerIsQuicker() {
    assertThat(coat(painted().area(99_999.9), Band.GROUND).tool().kind()).isEqualTo(ToolKind.BRUSH);
    assertThat(coat(painted().area(100_000), Band.GROUND).tool().kind()).isEqualTo(ToolKind.ROLLER);
    // clear coats and glue are brushed, however much there is
    assertThat(coat(chalky().pot("clear-satin").area(3_711_000), Band.SEAL).tool().kind())
        .isEqualTo(ToolKind.BRUSH);
  }

  @Test
  void resinIsPouredAsThickAsItsLabelSpreadsItAndMetallicWaxTouchesAnEighth() {
    Where resin = coat(painted().pot("pouring-resin").added("r", "pouring-resin"), "own:r").where();
    // half a square metre to the litre stands two millimetres high
    assertThat(resin).isEqualTo(new Where.Poured(2));
    Where wax = coat(painted().pot("metallic-wax").added("m", "metallic-wax"), "own:m").where();
    assertThat(((Where.HighSpots) wax).share()).isCloseTo(0.12, within(1e-9));
  }

  /**
   * A colour of a blend is put on until what is under it is gone, and no oftener than anybody does.
   */
  @Test
  void coloursOfABlendHideWhatTheyStandOn() {
    Built strong = blend(0.97);
    Built weak = blend(0.31);
    int once = coat(strong, "own:blend-1").times();
    int often = coat(weak, "own:blend-1").times();
    assertThat(once).isBetween(1, 2);
    assertThat(often).isGreaterThan(once).isLessThanOrEqualTo(Coating.MOST_COATS);
    assertThat(coat(blend(0.02), "own:blend-1").times()).isEqualTo(Coating.MOST_COATS);
    Wish chosen = weak.group().wishes().coat("own:blend-1").times(2);
    assertThat(coat(weak.wish("own:blend-1", chosen), "own:blend-1").times()).isEqualTo(2);
  }

  private static Built blend(double hides) {
    return Built.painted("#101010", "#F1EADA")
        .paint("pale", "#F1EADA", 0.9)
        .paint("sand", "#C9A26B", hides)
        .blended(37.3, "pale", "sand");
  }

  @Test
  void aResistComesBeforeTheGroundAndRubbingBackAfterWhatIsLaid() {
    Built built =
        painted()
            .lay("n", Prints.napkin(4), 60_113, "decoupage-medium", 2)
            .step(StepKind.RESIST)
            .step(StepKind.DISTRESS);
    assertThat(keys(built))
        .containsSubsequence("step:RESIST", Band.GROUND, "lay:n", "step:DISTRESS");
    assertThat(step(built, StepKind.DISTRESS).where()).isEqualTo(new Where.Edges(6, 0.4));
    assertThat(keys(painted())).doesNotContain("step:RESIST", "step:DISTRESS");
  }

  // ---- what closes it

  private static Built laid(DesignKind kind, String pot) {
    return painted().lay("l", Prints.plain(kind, Map.of()), 9_713, pot, 1);
  }

  @Test
  void nothingIsSealedThatNeedsNoSeal() {
    assertThat(keys(painted())).doesNotContain(Band.SEAL, Band.WAX);
    assertThat(keys(laid(DesignKind.NAPKIN, "decoupage-medium")))
        .doesNotContain(Band.SEAL, Band.WAX);
    assertThat(keys(laid(DesignKind.TRANSFER, "clear-satin"))).doesNotContain(Band.SEAL, Band.WAX);
    assertThat(keys(laid(DesignKind.MOULDING, "wood-glue"))).doesNotContain(Band.SEAL, Band.WAX);
  }

  @Test
  void whatRubsOffIsSealed() {
    assertThat(keys(chalky())).endsWith(Band.SEAL);
    assertThat(keys(laid(DesignKind.FOIL, "gilding-size"))).contains(Band.SEAL);
    assertThat(keys(laid(DesignKind.TRANSFER, ""))).contains(Band.SEAL);
    assertThat(keys(laid(DesignKind.STENCIL, "chalky-paint"))).contains(Band.SEAL);
    assertThat(keys(laid(DesignKind.STENCIL, ""))).doesNotContain(Band.SEAL);
  }

  @Test
  void wearAndWetAskForThreeCoatsThatBearWater() {
    for (Exposure what : List.of(Exposure.WEAR, Exposure.WET)) {
      Built built = painted().pot("clear-matt").pot("clear-satin").bears(what);
      Band.Coat seal = coat(built, Band.SEAL);
      assertThat(seal.of().potId()).as("%s", what).contains("clear-satin");
      assertThat(seal.times()).isEqualTo(3);
      // and no school waxes them
      assertThat(keys(built.habits(Habits.USUAL.with(Habits.Seal.WAX)))).contains(Band.SEAL);
    }
    assertThat(coat(chalky(), Band.SEAL).times()).isEqualTo(2);
  }

  @Test
  void thoseWhoWaxDoSoButForPrintsThatLieOpen() {
    Habits wax = Habits.USUAL.with(Habits.Seal.WAX);
    assertThat(keys(chalky().habits(wax))).contains(Band.WAX).doesNotContain(Band.SEAL);
    Built open = chalky().habits(wax).lay("t", Prints.transfer(300, 300), 9_100, "", 1);
    assertThat(keys(open)).contains(Band.SEAL).doesNotContain(Band.WAX);
    Built closed =
        chalky().habits(wax).lay("t", Prints.transfer(300, 300), 9_100, "clear-satin", 1);
    assertThat(keys(closed)).contains(Band.WAX).doesNotContain(Band.SEAL);
    assertThat(coat(chalky().habits(wax).pot("mine", "clear-wax", "#EFE3BE", 70), Band.WAX).of())
        .extracting(InHand::potId)
        .isEqualTo(Optional.of("mine"));
  }

  /** Nobody seals twice; dark wax is a colour and closes nothing. */
  @Test
  void whatIsAddedToCloseItIsTheSeal() {
    for (String closes : List.of("clear-matt", "oil-varnish", "pouring-resin", "clear-wax")) {
      assertThat(keys(chalky().pot(closes).added("mine", closes)))
          .as(closes)
          .contains("own:mine")
          .doesNotContain(Band.SEAL, Band.WAX);
    }
    for (String open : List.of("dark-wax", "glaze", "metallic-wax")) {
      assertThat(keys(chalky().pot(open).added("mine", open))).as(open).contains(Band.SEAL);
    }
  }

  @Test
  void theSealCanBeOneOfOnesOwnChoice() {
    Built built = chalky().pot("oil-varnish").wish(Band.SEAL, from("oil-varnish").times(5));
    assertThat(coat(built, Band.SEAL).of().potId()).contains("oil-varnish");
    assertThat(coat(built, Band.SEAL).times()).isEqualTo(5);
    assertThat(keys(chalky().without(Band.SEAL))).doesNotContain(Band.SEAL);
  }

  /** Where relief is put on after the paint, it is painted round. */
  @Test
  void reliefStandsUnderThePaintOrOnItByTheSchool() {
    Built built = laid(DesignKind.MOULDING, "wood-glue");
    assertThat(keys(built)).containsSubsequence("lay:l", Band.GROUND);
    assertThat(keys(built.habits(Habits.USUAL.with(Habits.Relief.AFTER_PAINT))))
        .containsSubsequence(Band.GROUND, "lay:l");
    assertThat(keys(laid(DesignKind.NAPKIN, "decoupage-medium")))
        .containsSubsequence(Band.GROUND, "lay:l");
  }
}

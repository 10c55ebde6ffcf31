package craftmap.core.coats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import craftmap.core.colour.Colour;
import craftmap.core.colour.Covering;
import craftmap.core.medium.Role;
import craftmap.core.medium.Tool;
import craftmap.core.medium.ToolKind;
import craftmap.core.surface.Finish;
import craftmap.core.surface.MakeUp;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/** Which primer is proposed under a paint, and how often. */
class PrimerSearchTest {
  private static final int CASES = 150;
  private static final List<String> PRIMERS =
      List.of("all-purpose-primer", "stain-block", "bonding-primer");

  private static String colour(Random dice) {
    return "#%06X".formatted(dice.nextInt(0x1000000));
  }

  /** One paint that hides what it hides, and up to three primers of any colour. */
  private static final class Case {
    final GroupSurface surface;
    final CoatShelf shelf;
    final Habits habits;
    final PrimerSearch search;

    Case(Random dice) {
      MakeUp makeUp = MakeUp.values()[dice.nextInt(MakeUp.values().length)];
      Finish finish = Finish.values()[dice.nextInt(Finish.values().length)];
      Built built =
          Built.of(makeUp, finish, colour(dice), colour(dice))
              .area(20_171 + dice.nextInt(3_900_000));
      List<InHand> primers =
          PRIMERS.stream()
              .filter(p -> dice.nextInt(3) > 0)
              .map(
                  p ->
                      new InHand(
                          Optional.of(p),
                          Built.medium(p).in(new Colour(colour(dice))),
                          3 + dice.nextInt(900)))
              .toList();
      surface = built.surface();
      shelf = new CoatShelf(primers, List.of());
      habits = dice.nextInt(3) == 0 ? Habits.USUAL.with(Habits.Primer.ALWAYS) : Habits.USUAL;
      Built paint =
          Built.bareWood().paint("paint", surface.wanted().hex(), 0.2 + 0.75 * dice.nextDouble());
      InHand of = paint.reader().shelf().pots().getFirst();
      int chosen = dice.nextInt(4);
      Band.Coat ground = coat(Band.GROUND, Stage.GROUND, of, Math.max(1, chosen), chosen > 0);
      search =
          new PrimerSearch(
              surface, shelf, habits, ground, coat(Band.PRIMER, Stage.PRIME, of, 1, false));
    }

    private static Band.Coat coat(String key, Stage stage, InHand of, int times, boolean chosen) {
      return new Band.Coat(
          key,
          stage,
          false,
          of,
          Tool.typical(ToolKind.BRUSH),
          times,
          chosen,
          Where.ALL,
          OptionalInt.empty(),
          0);
    }
  }

  /** As many coats of each primer as leave the fewest in all; no number of them leaves fewer. */
  @Test
  void noOtherNumberOfCoatsOfAPrimerComesToFewerInAll() {
    Random dice = new Random(86_311);
    int oftener = 0;
    for (int i = 0; i < CASES; i++) {
      Case of = new Case(dice);
      for (PrimerChoice choice : of.search.all()) {
        if (choice.primer().isEmpty()) {
          assertThat(choice.primerCoats()).isZero();
          continue;
        }
        boolean blocks =
            of.surface.bleedsThrough(of.surface.wanted())
                && choice.primer().get().isUsedAs(Role.STAIN_BLOCKER);
        int least = blocks ? GroupSurface.TIMES_BLOCKED : 1;
        assertThat(choice.primerCoats()).isBetween(least, 3);
        for (int n = least; n <= 3; n++) {
          PrimerChoice other = of.search.choice(choice.primer(), n);
          if (other.hides()) {
            assertThat(choice.hides()).as("case %d, %d of a primer hide", i, n).isTrue();
          }
          if (other.hides() == choice.hides()) {
            assertThat(choice.coats())
                .as("case %d against %d", i, n)
                .isLessThanOrEqualTo(other.coats());
            if (other.coats() == choice.coats()) {
              assertThat(choice.primerCoats()).isLessThanOrEqualTo(n);
            }
          }
        }
        oftener += choice.primerCoats() > least ? 1 : 0;
      }
    }
    assertThat(oftener).as("choices that take more than the least").isPositive();
  }

  /**
   * What hides before what does not, what lacks nothing first, then the fewest, then the quickest.
   */
  @Test
  void theBestStandsFirst() {
    Random dice = new Random(1_907);
    for (int i = 0; i < CASES; i++) {
      List<PrimerChoice> all = new Case(dice).search.all();
      for (int k = 1; k < all.size(); k++) {
        PrimerChoice a = all.get(k - 1);
        PrimerChoice b = all.get(k);
        assertThat(rank(a)).as("case %d, place %d", i, k).isLessThanOrEqualTo(rank(b));
        if (rank(a) == rank(b)) {
          assertThat(a.handsOn()).isLessThanOrEqualTo(b.handsOn());
        }
      }
    }
  }

  private static int rank(PrimerChoice choice) {
    return (choice.hides() ? 0 : 10_000) + 1_000 * choice.lacks().size() + choice.coats();
  }

  /** Every primer there is, none, and what is asked for and would have to be bought; each once. */
  @Test
  void everyPrimerIsLookedAtAndWhatIsAskedForIsNamed() {
    Random dice = new Random(52_009);
    for (int i = 0; i < CASES; i++) {
      Case of = new Case(dice);
      List<PrimerChoice> all = of.search.all();
      List<String> owned =
          all.stream().flatMap(c -> c.primer().stream()).flatMap(p -> p.potId().stream()).toList();
      assertThat(owned)
          .containsExactlyInAnyOrderElementsOf(
              of.shelf.pots().stream().map(p -> p.potId().orElseThrow()).toList());
      assertThat(all).filteredOn(c -> c.primer().isEmpty()).hasSize(1);
      Set<PrimerChoice.Lack> always =
          all.stream()
              .map(c -> Set.copyOf(c.lacks()))
              .reduce((a, b) -> a.stream().filter(b::contains).collect(Collectors.toSet()))
              .orElseThrow();
      // whatever the surface or the school asks for, one of them has it
      assertThat(always)
          .doesNotContain(
              PrimerChoice.Lack.SLICK, PrimerChoice.Lack.BLEED, PrimerChoice.Lack.HABIT);
    }
  }

  @Test
  void aPotLacksWhatItDoesNotHold() {
    Random dice = new Random(33_391);
    int lacking = 0;
    for (int i = 0; i < CASES; i++) {
      for (PrimerChoice choice : new Case(dice).search.all()) {
        boolean tooLittle =
            choice.primer().filter(p -> p.isOwned() && p.freeMl() < choice.primerMl()).isPresent();
        assertThat(choice.lacks().contains(PrimerChoice.Lack.POT)).isEqualTo(tooLittle);
        lacking += tooLittle ? 1 : 0;
        assertThat(choice.swatches()).hasSize(choice.coats());
      }
    }
    assertThat(lacking).isPositive();
  }

  /** What a choice is told to take is what its bands take, once it is taken. */
  @Tag("thorough")
  @Test
  void aChoiceTakesWhatItsBandsTake() {
    Random dice = new Random(90_403);
    int primed = 0;
    for (int i = 0; i < CASES; i++) {
      Built built =
          Built.of(MakeUp.WOOD, i % 2 == 0 ? Finish.BARE : Finish.PAINTED, "#3A2417", "#D9CFBC")
              .area(20_171 + dice.nextInt(3_900_000))
              .paint("paint", "#D9CFBC", 0.2 + 0.75 * dice.nextDouble());
      PRIMERS.forEach(p -> built.pot(p, p, colour(dice), 9_000));
      for (PrimerChoice choice : built.read().choices()) {
        built.wishes(Wishes.NONE);
        choice
            .product()
            .ifPresentOrElse(
                p -> built.wish(Band.PRIMER, Wish.of(p)), () -> built.without(Band.PRIMER));
        GroupReading taken = built.read();
        BandReading ground = Built.band(taken, Band.GROUND);
        Optional<BandReading> primer = taken.band(Band.PRIMER);
        assertThat(primer.isPresent()).isEqualTo(choice.primer().isPresent());
        assertThat(choice.paintMl()).isCloseTo(ground.ml(), within(1e-6));
        assertThat(choice.primerMl())
            .isCloseTo(primer.map(BandReading::ml).orElse(0.0), within(1e-6));
        Duration both =
            primer.map(BandReading::handsOn).orElse(Duration.ZERO).plus(ground.handsOn());
        assertThat(choice.handsOn()).isCloseTo(both, Duration.ofSeconds(1));
        assertThat(choice.swatches().getLast()).isEqualTo(ground.shades().getLast().colour());
        // each paint here is of the colour that is wanted: it hides once nobody sees another
        assertThat(choice.hides())
            .isEqualTo(ground.shades().getLast().departs() <= Covering.HIDDEN);
        primed += primer.isPresent() ? 1 : 0;
      }
    }
    assertThat(primed).isPositive();
  }
}

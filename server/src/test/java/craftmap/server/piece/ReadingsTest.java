package craftmap.server.piece;

import static org.assertj.core.api.Assertions.assertThat;

import craftmap.core.colour.Colour;
import craftmap.core.design.Card;
import craftmap.core.design.CustomCut;
import craftmap.core.design.Design;
import craftmap.core.design.FilmRoll;
import craftmap.core.design.Rights;
import craftmap.core.form.FormKind;
import craftmap.core.form.FormNote;
import craftmap.core.log.Learned;
import craftmap.core.measure.TapeDivision;
import craftmap.core.medium.PotLabel;
import craftmap.core.plan.Plan;
import craftmap.core.plan.Shelf;
import craftmap.core.plan.reading.PlanReading;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import org.junit.jupiter.api.Test;

/** A plan is read anew where something is other that its reading saw, and not for anything else. */
class ReadingsTest {
  private final Readings readings = new Readings();
  private final Map<String, Design> designs = new HashMap<>();
  private final Map<String, PotLabel> pots = new HashMap<>();
  private List<FilmRoll> films = List.of();
  private long changed;
  private int read;

  private final Shelf shelf =
      new Shelf() {
        @Override
        public Optional<Design> design(String id) {
          return Optional.ofNullable(designs.get(id));
        }

        @Override
        public Optional<PotLabel> pot(String id) {
          return Optional.ofNullable(pots.get(id));
        }

        @Override
        public List<FilmRoll> films() {
          return films;
        }
      };

  private static FilmRoll roll(String id, double widthMm) {
    return new FilmRoll(
        new Card(id, "Roll", "film", "", Rights.MAY_BE_SOLD),
        new Colour("#C9D6DA"),
        widthMm,
        2987.5,
        CustomCut.Film.STENCIL_FILM);
  }

  /** Reads a plan that looks at some things, after anything at all was changed. */
  private PlanReading read(String plan, Consumer<Shelf> looks) {
    changed++;
    return readings.of(
        new Readings.Question(
            "a",
            TapeDivision.INCH_16,
            Learned.NONE,
            Plan.begun(plan, FormNote.typical(FormKind.CHEST))),
        new Changes.Stamp(Map.of(Thing.DESIGN, changed), ""),
        () -> shelf,
        seen -> {
          read++;
          looks.accept(seen);
          return new PlanReading(List.of(), List.of(), List.of(), List.of(), false);
        });
  }

  @Test
  void whatAReadingDidNotSeeDoesNotMatterToIt() {
    designs.put("reeds", roll("reeds", 311.3));
    pots.put("bone", new PotLabel("bone", "Bone white", new Colour("#F3EEE2"), 10.7));
    Consumer<Shelf> looks =
        s -> {
          s.design("reeds");
          s.pot("bone");
          s.design("gone");
        };
    PlanReading first = read("Chest", looks);
    designs.put("gulls", roll("gulls", 298.1));
    pots.put("ink", new PotLabel("ink", "Ink", new Colour("#22303C"), 9.3));
    films = List.of(roll("film", 307.9));
    assertThat(read("Chest", looks)).isSameAs(first);
    // the same again, be it another object
    designs.put("reeds", roll("reeds", 311.3));
    assertThat(read("Chest", looks)).isSameAs(first);
    assertThat(read).isEqualTo(1);
    assertThat(read("Another", looks)).isNotSameAs(first);
  }

  @Test
  void whatItSawAndIsOtherNowMakesItAnother() {
    designs.put("reeds", roll("reeds", 311.3));
    pots.put("bone", new PotLabel("bone", "Bone white", new Colour("#F3EEE2"), 10.7));
    Consumer<Shelf> looks =
        s -> {
          s.design("reeds");
          s.design("missing");
          s.pot("bone");
          s.films();
        };
    read("Chest", looks);
    designs.put("reeds", roll("reeds", 311.4));
    read("Chest", looks);
    assertThat(read).as("a design is wider").isEqualTo(2);
    pots.put("bone", new PotLabel("bone", "Bone white", new Colour("#F3EEE2"), 10.8));
    read("Chest", looks);
    assertThat(read).as("a pot goes farther").isEqualTo(3);
    films = List.of(roll("film", 307.9));
    read("Chest", looks);
    assertThat(read).as("there is a roll of film").isEqualTo(4);
    designs.put("missing", roll("missing", 200.2));
    read("Chest", looks);
    assertThat(read).as("what was missing is there").isEqualTo(5);
    designs.remove("reeds");
    read("Chest", looks);
    assertThat(read).as("what was there is gone").isEqualTo(6);
    read("Chest", looks);
    assertThat(read).isEqualTo(6);
  }
}

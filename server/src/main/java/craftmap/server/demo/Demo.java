package craftmap.server.demo;

import craftmap.core.measure.TapeDivision;
import craftmap.core.order.bench.Bench;
import craftmap.core.order.bench.DryingPlace;
import craftmap.core.order.bench.Footprint;
import craftmap.core.order.bench.Hours;
import craftmap.core.order.bench.Person;
import craftmap.core.order.bench.Room;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import craftmap.core.plan.Ordering;
import craftmap.core.plan.Plan;
import craftmap.server.bench.Benches;
import craftmap.server.photo.Photo;
import craftmap.server.photo.Photos;
import craftmap.server.photo.Stage;
import craftmap.server.piece.Pieces;
import craftmap.server.shelf.Designs;
import craftmap.server.sight.FoundFace;
import craftmap.server.sight.Sightings;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

@Component
class Demo implements ApplicationRunner {
  private static final List<String> PIECES =
      List.of(
          "sea-chest",
          "folding-screen",
          "wardrobe",
          "wall-clock",
          "tapered-planter",
          "step-stool",
          "biscuit-tin");

  /** The autumn fair is in three weeks. */
  private static final int DAYS_TO_THE_FAIR = 21;

  private final Studios studios;
  private final DemoShelf shelf;
  private final DemoPast past;
  private final Designs designs;
  private final Pieces pieces;
  private final Photos photos;
  private final Sightings sightings;
  private final Benches benches;
  private final JsonMapper json;
  private final Clock clock;
  private final boolean wanted;

  Demo(
      Studios studios,
      DemoShelf shelf,
      DemoPast past,
      Designs designs,
      Pieces pieces,
      Photos photos,
      Sightings sightings,
      Benches benches,
      JsonMapper json,
      Clock clock,
      @Value("${craftmap.demo}") boolean wanted) {
    this.studios = studios;
    this.shelf = shelf;
    this.past = past;
    this.designs = designs;
    this.pieces = pieces;
    this.photos = photos;
    this.sightings = sightings;
    this.benches = benches;
    this.json = json;
    this.clock = clock;
    this.wanted = wanted;
  }

  /** Only the first start finds no studio; whatever happened since is the person's own. */
  @Override
  @Transactional
  public void run(ApplicationArguments args) throws IOException {
    if (studios.isFounded()) {
      designs.measureUnmeasured(studios.first().id());
      return;
    }
    if (!wanted) {
      studios.found("My studio", TapeDivision.MM_1);
      return;
    }
    fill(studios.found("Saltmarsh Studio", TapeDivision.INCH_16));
  }

  /** Puts the demo into a studio in which there is nothing yet. */
  @Transactional
  public void fill(Studio studio) throws IOException {
    DemoIds ids = new DemoIds(studio);
    shelf.fill(studio, ids);
    bench(studio);
    past.fill(studio, ids);
    shelf.bookTheRest(studio, ids);
    pieces(studio, ids);
    photos(studio, ids.apply("sea-chest"));
  }

  private void pieces(Studio studio, DemoIds ids) throws IOException {
    LocalDate today = LocalDate.ofInstant(clock.instant(), benches.of(studio).zone());
    for (String id : PIECES) {
      ClassPathResource file = new ClassPathResource("demo/pieces/" + id + ".json");
      try (InputStream in = file.getInputStream()) {
        Plan plan = pieces.readPlan(json.readTree(in)).ofShelf(ids);
        pieces.start(studio, ids.apply(id), plan.with(order(id, today, ids)));
      }
    }
  }

  /**
   * All of it is wanted for the fair; the chest and the screen are worked on in between. The stool
   * is begun on a Monday afternoon: one coat of its varnish could then be begun just before noon,
   * and nobody would be there while its tape still comes off cleanly.
   */
  private static Ordering order(String id, LocalDate today, DemoIds ids) {
    Ordering wanted = Ordering.NONE.promised(Optional.of(today.plusDays(DAYS_TO_THE_FAIR)));
    return switch (id) {
      case "sea-chest" -> wanted.with(ids.apply("folding-screen"), true);
      case "step-stool" ->
          wanted.beginning(
              Optional.of(today.with(TemporalAdjusters.next(DayOfWeek.MONDAY)).atTime(14, 30)));
      default -> wanted;
    };
  }

  /** Two who work there, one of them not every day; by night the stove is out. */
  private void bench(Studio studio) {
    Bench usual = benches.of(studio);
    Hours.Stretch morning = Hours.Stretch.of(9, 12);
    Hours.Stretch afternoon = Hours.Stretch.of(13, 17);
    Map<DayOfWeek, List<Hours.Stretch>> some = new EnumMap<>(DayOfWeek.class);
    some.put(DayOfWeek.TUESDAY, List.of(Hours.Stretch.of(10, 15)));
    some.put(DayOfWeek.THURSDAY, List.of(Hours.Stretch.of(10, 15)));
    some.put(DayOfWeek.SATURDAY, List.of(Hours.Stretch.of(9, 13)));
    benches.change(
        studio,
        0,
        new Bench(
            usual.zone(),
            List.of(
                new Person("Wren", Hours.weekdays(morning, afternoon), Set.of()),
                new Person("Odo", new Hours(some), Set.of())),
            List.of(
                new Room(
                    "The workroom", DayClimate.of(new Climate(20, 54), 8, 19, new Climate(15, 64))),
                new Room(
                    "The kitchen, by the stove",
                    DayClimate.of(new Climate(23, 47), 6, 22, new Climate(19, 52)))),
            0,
            List.of(
                new DryingPlace("The floor", 6, Optional.empty()),
                new DryingPlace("The long table", 1, Optional.of(Footprint.of(1400, 700))),
                new DryingPlace("The rack", 3, Optional.of(Footprint.of(620, 450)))),
            false));
  }

  private void photos(Studio studio, String pieceId) throws IOException {
    Map<String, List<FoundFace>> found;
    try (InputStream in = new ClassPathResource("demo/photos/sightings.json").getInputStream()) {
      found = json.readValue(in, new TypeReference<>() {});
    }
    Photo before = add(studio, pieceId, "sea-chest-before", Stage.BEFORE, "As it came", "front");
    add(studio, pieceId, "sea-chest-burn", Stage.BEFORE, "The burn on the right side", "right");
    Photo during =
        add(studio, pieceId, "sea-chest-during", Stage.DURING, "Ground on, bands masked", "front");
    sightings.bring(studio, before.id(), found.get("sea-chest-before"));
    sightings.bring(studio, during.id(), found.get("sea-chest-during"));
  }

  private Photo add(
      Studio studio, String pieceId, String name, Stage stage, String caption, String faceId)
      throws IOException {
    ClassPathResource file = new ClassPathResource("demo/photos/" + name + ".jpg");
    try (InputStream in = file.getInputStream()) {
      return photos.add(
          studio, pieceId, new Photos.Said(stage, caption, Optional.of(faceId)), in.readAllBytes());
    }
  }
}

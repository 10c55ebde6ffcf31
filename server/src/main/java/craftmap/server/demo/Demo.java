package craftmap.server.demo;

import craftmap.core.measure.TapeDivision;
import craftmap.server.photo.Photos;
import craftmap.server.photo.Stage;
import craftmap.server.piece.Pieces;
import craftmap.server.shelf.Designs;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Optional;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
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

  private final Studios studios;
  private final DemoShelf shelf;
  private final Designs designs;
  private final Pieces pieces;
  private final Photos photos;
  private final JsonMapper json;
  private final boolean wanted;

  Demo(
      Studios studios,
      DemoShelf shelf,
      Designs designs,
      Pieces pieces,
      Photos photos,
      JsonMapper json,
      @Value("${craftmap.demo}") boolean wanted) {
    this.studios = studios;
    this.shelf = shelf;
    this.designs = designs;
    this.pieces = pieces;
    this.photos = photos;
    this.json = json;
    this.wanted = wanted;
  }

  /** Only the first start finds no studio; whatever happened since is the person's own. */
  @Override
  @Transactional
  public void run(ApplicationArguments args) throws IOException {
    if (studios.isFounded()) {
      designs.measureUnmeasured(studios.current().id());
      return;
    }
    if (!wanted) {
      studios.found("My studio", TapeDivision.MM_1);
      return;
    }
    Studio studio = studios.found("Saltmarsh Studio", TapeDivision.INCH_16);
    shelf.fill(studio);
    pieces(studio);
    photos(studio);
  }

  private void pieces(Studio studio) throws IOException {
    for (String id : PIECES) {
      ClassPathResource file = new ClassPathResource("demo/pieces/" + id + ".json");
      try (InputStream in = file.getInputStream()) {
        pieces.start(studio, id, pieces.readPlan(json.readTree(in)));
      }
    }
  }

  private void photos(Studio studio) throws IOException {
    add(studio, "sea-chest-before", Stage.BEFORE, "As it came", "front");
    add(studio, "sea-chest-burn", Stage.BEFORE, "The burn on the right side", "right");
    add(studio, "sea-chest-during", Stage.DURING, "Ground on, bands masked", "front");
  }

  private void add(Studio studio, String id, Stage stage, String caption, String faceId)
      throws IOException {
    ClassPathResource file = new ClassPathResource("demo/photos/" + id + ".jpg");
    try (InputStream in = file.getInputStream()) {
      photos.add(studio, "sea-chest", stage, caption, Optional.of(faceId), in.readAllBytes());
    }
  }
}

package craftmap.server.demo;

import craftmap.core.measure.TapeDivision;
import craftmap.core.supply.Booking;
import craftmap.core.supply.EntryKind;
import craftmap.server.photo.Photos;
import craftmap.server.photo.Stage;
import craftmap.server.piece.Pieces;
import craftmap.server.shelf.LedgerService;
import craftmap.server.shelf.NewPot;
import craftmap.server.shelf.NewStencil;
import craftmap.server.shelf.ShelfService;
import craftmap.server.studio.Studio;
import craftmap.server.studio.Studios;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
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
  private final ShelfService shelf;
  private final LedgerService ledger;
  private final Pieces pieces;
  private final Photos photos;
  private final JsonMapper json;
  private final boolean wanted;

  Demo(
      Studios studios,
      ShelfService shelf,
      LedgerService ledger,
      Pieces pieces,
      Photos photos,
      JsonMapper json,
      @Value("${craftmap.demo}") boolean wanted) {
    this.studios = studios;
    this.shelf = shelf;
    this.ledger = ledger;
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
      return;
    }
    if (!wanted) {
      studios.found("My studio", TapeDivision.MM_1);
      return;
    }
    Studio studio = studios.found("Saltmarsh Studio", TapeDivision.INCH_16);
    stencils(studio);
    pots(studio);
    pieces(studio);
    photos(studio);
  }

  private void stencils(Studio studio) throws IOException {
    add(studio, "fern-band", "Fern band", "fern", "Two fronds from one bud.", 20, 5);
    add(studio, "scallop-edge", "Scallop edge", "fan", "For rims and feet, made to join.", 2, 6);
    add(studio, "running-wave", "Running wave", "wave", "Two curls; sits well along a foot.", 6, 5);
    add(studio, "moon-phases", "Moon phases", "moon", "Five phases and small stars.", 30, 4);
    add(studio, "gull", "Gull", "gull", "One bird, wings spread.", 36, 5);
    add(studio, "fan-shell", "Fan shell", "shell", "A single ribbed shell.", 28, 6);
    add(studio, "lattice", "Lattice", "lattice", "Six meshes of an ogee lattice.", 3, 4);
    add(studio, "reed-bed", "Reed bed", "tuft", "Rushes over rippled water.", 34, 4);
    add(studio, "heron", "Heron in the reeds", "heron", "Tall, for doors and screens.", 60, 3);
  }

  private void add(
      Studio studio, String id, String name, String motif, String note, double gapMm, int uses)
      throws IOException {
    ClassPathResource file = new ClassPathResource("demo/stencils/" + id + ".svg");
    try (InputStream in = file.getInputStream()) {
      String svg = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      shelf.add(studio.id(), new NewStencil(id, name, motif, note, svg, gapMm, uses));
    }
  }

  private void pots(Studio studio) {
    add(studio, "bone-white", "Bone white", "#F1EADA", "118", 11.0, "-74.5", "The tin's lid");
    add(studio, "sand-drift", "Sand drift", "#E0CDA6", "473", 10.5, "-92", "Plant stand");
    add(studio, "rust-tide", "Rust tide", "#B1492A", "118", 10.0, "-116.4", "Stool, two coats");
    add(studio, "deep-estuary", "Deep estuary", "#1F4650", "473", 11.0, "-180", "Chest, ground");
    add(studio, "marsh-gold", "Marsh gold", "#C79A2E", "59", 9.0, "-21", "Clock numerals");
  }

  private void add(
      Studio studio,
      String id,
      String name,
      String colour,
      String holdsMl,
      double spread,
      String usedMl,
      String usedFor) {
    BigDecimal holds = new BigDecimal(holdsMl);
    shelf.add(studio.id(), new NewPot(id, name, colour, holds, spread));
    ledger.book(studio.id(), id, new Booking(EntryKind.BOUGHT, holds), "One full pot");
    ledger.book(studio.id(), id, new Booking(EntryKind.USED, new BigDecimal(usedMl)), usedFor);
  }

  private void pieces(Studio studio) throws IOException {
    for (String id : PIECES) {
      ClassPathResource file = new ClassPathResource("demo/pieces/" + id + ".json");
      try (InputStream in = file.getInputStream()) {
        pieces.start(studio, id, pieces.readDocument(json.readTree(in)));
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

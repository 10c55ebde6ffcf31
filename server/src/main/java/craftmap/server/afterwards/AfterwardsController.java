package craftmap.server.afterwards;

import craftmap.core.money.Money;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.money.PieceMoney;
import craftmap.server.paper.Fonts;
import craftmap.server.paper.Page;
import craftmap.server.paper.Paper;
import craftmap.server.paper.PaperFile;
import craftmap.server.photo.Photo;
import craftmap.server.photo.Photos;
import craftmap.server.photo.Stage;
import craftmap.server.piece.Pieces;
import craftmap.server.piece.SavedPlan;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.words.Words;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** A piece looked back at, and a page of it for its buyer. */
@RestController
@RequestMapping("/api/pieces/{id}/afterwards")
class AfterwardsController {
  private static final double PHOTO_MM = 82;
  private static final double BETWEEN_MM = 6;

  private final Looking looking;
  private final Pieces pieces;
  private final Photos photos;
  private final PieceMoney money;

  AfterwardsController(Looking looking, Pieces pieces, Photos photos, PieceMoney money) {
    this.looking = looking;
    this.pieces = pieces;
    this.photos = photos;
    this.money = money;
  }

  @Allowed(StudioRole.GUEST)
  @GetMapping
  AfterwardsView back(Asker asker, @PathVariable String id) {
    return looking.back(asker.studio(), id);
  }

  /**
   * A page for the buyer: what it is, how it is to be treated; nothing of what it cost.
   *
   * @param price whether what is asked for it stands on it
   */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/buyer")
  ResponseEntity<byte[]> buyer(
      Asker asker,
      @PathVariable String id,
      @RequestParam(defaultValue = "false") boolean price,
      @RequestParam(defaultValue = "A4") Paper paper)
      throws IOException {
    Studio studio = asker.studio();
    SavedPlan piece = pieces.get(studio, id);
    List<String> made = looking.madeOf(studio, piece);
    List<String> care = looking.care(studio, piece);
    Optional<Money> asked = price ? money.asked(studio, id) : Optional.empty();
    List<byte[]> pictures =
        List.of(Stage.AFTER, Stage.BEFORE).stream()
            .flatMap(s -> looking.photos(studio, id, s).stream().limit(1))
            .map(Photo::id)
            .map(p -> photos.picture(studio, p))
            .toList();
    return PaperFile.of(
        Words.say("buyer.title", piece.name()),
        paper,
        (page, fonts) -> write(page, fonts, studio, piece, made, care, asked, pictures));
  }

  private static void write(
      Page page,
      Fonts fonts,
      Studio studio,
      SavedPlan piece,
      List<String> made,
      List<String> care,
      Optional<Money> asked,
      List<byte[]> pictures)
      throws IOException {
    page.paragraph(fonts.heading(), 26, piece.name());
    page.paragraph(fonts.text(), 12, Words.say("buyer.by", studio.name()));
    page.down(BETWEEN_MM);
    double high = 0;
    for (int i = 0; i < pictures.size(); i++) {
      high =
          Math.max(
              high,
              page.picture(pictures.get(i), page.leftMm() + i * (PHOTO_MM + BETWEEN_MM), PHOTO_MM));
    }
    page.down(high + (high > 0 ? BETWEEN_MM : 0));
    for (String line : made) {
      page.paragraph(fonts.text(), 11, line);
    }
    if (asked.isPresent()) {
      page.down(BETWEEN_MM / 2);
      page.paragraph(fonts.strong(), 14, asked.get().show());
    }
    if (!care.isEmpty()) {
      page.down(BETWEEN_MM);
      page.paragraph(fonts.heading(), 16, Words.say("buyer.care"));
      for (String line : care) {
        page.room(BETWEEN_MM * 2);
        page.paragraph(fonts.text(), 11, "\u2013 " + line);
      }
    }
    page.down(BETWEEN_MM);
    page.paragraph(fonts.text(), 9, Words.say("buyer.labels"));
  }
}

package craftmap.server.look;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.Pieces;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** What the studio shows to clients, and what they said. */
@RestController
@RequestMapping("/api/looks")
class LooksController {
  /**
   * Where the link leads to; what opens it stands behind the #, which browsers keep to themselves.
   */
  private static final String PAGE = "/look#";

  private final Looks looks;
  private final Pieces pieces;
  private final Clock clock;

  LooksController(Looks looks, Pieces pieces, Clock clock) {
    this.looks = looks;
    this.pieces = pieces;
    this.clock = clock;
  }

  record LooksView(List<LookView> looks, List<ClientCommentView> comments) {}

  /**
   * What somebody may look at.
   *
   * @param name whom it is for
   * @param pieces their names
   * @param ended whether it shows nothing any more
   * @param lookedAt when it was looked at last
   */
  record LookView(
      String id,
      String name,
      List<String> pieces,
      boolean withPhotos,
      boolean withPrice,
      String madeBy,
      Instant endsAt,
      boolean ended,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Instant lookedAt) {}

  /**
   * What a client said.
   *
   * @param lookName whom the link was for; empty where it was taken back
   * @param pieceName of what it is about; empty where it is about all
   * @param by the name they gave; may be empty
   */
  record ClientCommentView(
      String id,
      String lookName,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceId,
      String pieceName,
      String by,
      String text,
      Instant at,
      boolean read) {}

  /**
   * What a client is to see.
   *
   * @param name whom it is for
   * @param days how long the link holds
   */
  record LookDoc(
      String name, List<String> pieces, boolean withPhotos, boolean withPrice, int days) {}

  /**
   * A link to give away; told this once.
   *
   * @param path behind this server's address
   */
  record GivenLookView(LookView look, String path) {}

  @Allowed(StudioRole.MAKER)
  @GetMapping
  LooksView looks(Asker asker) {
    Studio studio = asker.studio();
    return new LooksView(
        looks.of(studio).stream().map(l -> view(studio, l)).toList(),
        looks.comments(studio).stream()
            .map(
                c ->
                    new ClientCommentView(
                        c.id(),
                        c.lookName(),
                        c.pieceId().orElse(null),
                        c.pieceName(),
                        c.by(),
                        c.text(),
                        c.at(),
                        c.read()))
            .toList());
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  GivenLookView give(Asker asker, @RequestBody LookDoc doc) {
    Set<String> chosen = new TreeSet<>(doc.pieces());
    Looks.Given given =
        looks.give(
            asker,
            new Looks.Wish(doc.name(), chosen, doc.withPhotos(), doc.withPrice(), doc.days()));
    return new GivenLookView(view(asker.studio(), given.look()), PAGE + given.link().text());
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeLookBack(Asker asker, @PathVariable String id) {
    looks.takeBack(asker.studio(), id);
  }

  @Allowed(StudioRole.MAKER)
  @PutMapping("/comments/{id}/read")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void commentRead(Asker asker, @PathVariable String id) {
    looks.read(asker, id);
  }

  private LookView view(Studio studio, Look look) {
    return new LookView(
        look.id(),
        look.name(),
        look.pieces().stream().map(id -> pieces.get(studio, id).name()).toList(),
        look.withPhotos(),
        look.withPrice(),
        look.madeBy(),
        look.endsAt(),
        !look.endsAt().isAfter(clock.instant()),
        look.lookedAt().orElse(null));
  }
}

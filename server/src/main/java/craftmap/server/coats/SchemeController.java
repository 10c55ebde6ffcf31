package craftmap.server.coats;

import static craftmap.core.measure.Figure.said;
import static craftmap.server.piece.document.Given.given;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.piece.document.CoatsDoc;
import craftmap.server.piece.document.CoatsMapper;
import craftmap.server.studio.Asker;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Build-ups that are kept by name; one is used by an edit of a plan. */
@RestController
@RequestMapping("/api/schemes")
class SchemeController {
  private final Schemes schemes;

  SchemeController(Schemes schemes) {
    this.schemes = schemes;
  }

  /** A scheme to keep. */
  record NewScheme(String name, CoatsDoc.WishesDoc wishes) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  List<Schemes.Scheme> schemes(Asker asker) {
    return schemes.all(asker.studio().id());
  }

  @Allowed(StudioRole.MAKER)
  @PostMapping
  @ResponseStatus(HttpStatus.CREATED)
  Schemes.Scheme keep(Asker asker, @RequestBody NewScheme scheme) {
    return schemes.keep(
        asker.studio().id(),
        scheme.name(),
        CoatsMapper.toWishes(given(said("scheme"), scheme.wishes())));
  }

  @Allowed(StudioRole.MAKER)
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void forget(Asker asker, @PathVariable String id) {
    schemes.forget(asker.studio().id(), id);
  }
}

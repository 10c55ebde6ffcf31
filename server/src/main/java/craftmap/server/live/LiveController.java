package craftmap.server.live;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.Optional;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** What windows are told of each other. */
@RestController
class LiveController {
  private static final int LONGEST_ID = 45;

  private final Feed feed;
  private final Presence presence;

  LiveController(Feed feed, Presence presence) {
    this.feed = feed;
    this.presence = presence;
  }

  /**
   * What is looked at in a window.
   *
   * @param window the id that its page has made up for it
   * @param pieceId the piece; absent where it is none
   * @param faceId the face; absent where it is none
   */
  record HereDoc(
      String window,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String pieceId,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String faceId) {}

  /**
   * Events until the page goes away, for two minutes at most: {@code changed} at once and whenever
   * something was changed, {@code here} at once and whenever somebody came, went or looks at
   * something else.
   */
  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @GetMapping(path = "/api/live", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
  @ApiResponse(
      responseCode = "200",
      content =
          @Content(
              mediaType = MediaType.TEXT_EVENT_STREAM_VALUE,
              schema = @Schema(oneOf = {Feed.ToldChanges.class, Feed.ToldPresence.class})))
  ResponseEntity<SseEmitter> live(Asker asker, @RequestParam String window) {
    Listener listener = new Listener(asker.studio().id(), new Window(window).id());
    feed.add(listener);
    // a proxy that gathers answers before it hands them on would keep these
    return ResponseEntity.ok().header("X-Accel-Buffering", "no").body(listener.emitter());
  }

  /** Tells the others what is looked at here. */
  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @PutMapping("/api/live/here")
  ResponseEntity<Void> here(Asker asker, @RequestBody HereDoc here) {
    presence.put(
        new Presence.Here(
            asker.studio().id(),
            new Window(here.window()).id(),
            asker.person(),
            checked("piece", here.pieceId()),
            checked("face", here.faceId())));
    return ResponseEntity.noContent().build();
  }

  /** The window is closed. */
  @Allowed(value = StudioRole.GUEST, atTheBench = true)
  @DeleteMapping("/api/live/here")
  ResponseEntity<Void> leave(Asker asker, @RequestParam String window) {
    presence.leave(asker.studio().id(), new Window(window).id());
    return ResponseEntity.noContent().build();
  }

  private static Optional<String> checked(String field, String id) {
    if (id != null && id.length() > LONGEST_ID) {
      throw new RefusedInput(
          field,
          said("characters", count(id.length())),
          said("is-too-long"),
          said("at-most-characters", given(LONGEST_ID)));
    }
    return Optional.ofNullable(id);
  }
}

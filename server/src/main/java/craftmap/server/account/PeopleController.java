package craftmap.server.account;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
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

/** Who belongs to the studio, and who was invited. */
@RestController
@RequestMapping("/api/people")
class PeopleController {
  /**
   * Where the page is that a link leads to; what lets in stands behind the #, which stays there.
   */
  private static final String PAGE = "/join#";

  private final People people;
  private final Sessions sessions;

  PeopleController(People people, Sessions sessions) {
    this.people = people;
    this.sessions = sessions;
  }

  record PeopleView(List<MemberView> members, List<InvitationView> invitations) {}

  /**
   * Somebody of the studio.
   *
   * @param signIn for owners to see
   */
  record MemberView(
      String id,
      String person,
      StudioRole role,
      Instant since,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String signIn) {}

  /**
   * A link that holds.
   *
   * @param newPassword whether it lets somebody who is there choose a new password
   */
  record InvitationView(
      String id,
      String person,
      StudioRole role,
      String madeBy,
      Instant endsAt,
      boolean newPassword) {}

  /**
   * Somebody who may come.
   *
   * @param person what to call them, if that is known
   * @param days how long the link holds
   */
  record InvitationDoc(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String person,
      StudioRole role,
      int days) {}

  /**
   * A link to give away; told this once.
   *
   * @param path behind this server's address
   */
  record GivenLinkView(InvitationView invitation, String path) {}

  record MemberDoc(String person, StudioRole role) {}

  @Allowed(StudioRole.MAKER)
  @GetMapping
  PeopleView people(Asker asker) {
    boolean all = asker.role() == StudioRole.OWNER;
    return new PeopleView(
        people.of(asker.studio()).stream()
            .map(
                a ->
                    new MemberView(
                        a.id(), a.person(), a.role(), a.madeAt(), all ? a.signIn() : null))
            .toList(),
        all
            ? people.invited(asker.studio()).stream().map(PeopleController::view).toList()
            : List.of());
  }

  @Allowed(StudioRole.OWNER)
  @PostMapping("/invitations")
  @ResponseStatus(HttpStatus.CREATED)
  GivenLinkView invite(Asker asker, @RequestBody InvitationDoc doc) {
    return view(people.invite(asker, doc.person(), doc.role(), doc.days()));
  }

  @Allowed(StudioRole.OWNER)
  @DeleteMapping("/invitations/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void takeInvitationBack(Asker asker, @PathVariable String id) {
    people.takeBack(asker.studio(), id);
  }

  @Allowed(StudioRole.OWNER)
  @PutMapping("/{id}")
  MemberView changeMember(Asker asker, @PathVariable String id, @RequestBody MemberDoc doc) {
    Account a = people.change(asker.studio(), id, doc.person(), doc.role());
    return new MemberView(a.id(), a.person(), a.role(), a.madeAt(), a.signIn());
  }

  /** Whoever leaves is signed out everywhere at once. */
  @Allowed(StudioRole.OWNER)
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void removeMember(Asker asker, @PathVariable String id) {
    people.remove(asker.studio(), id);
    sessions.endAll(id, "");
  }

  /** For somebody who forgot their password and has no codes left. */
  @Allowed(StudioRole.OWNER)
  @PostMapping("/{id}/link")
  @ResponseStatus(HttpStatus.CREATED)
  GivenLinkView linkForPassword(Asker asker, @PathVariable String id) {
    return view(people.linkForPassword(asker, id));
  }

  private static GivenLinkView view(People.Link link) {
    return new GivenLinkView(view(link.invitation()), PAGE + link.secret().text());
  }

  private static InvitationView view(Invitations.Invitation i) {
    return new InvitationView(
        i.id(), i.person(), i.role(), i.madeBy(), i.endsAt(), i.account().isPresent());
  }
}

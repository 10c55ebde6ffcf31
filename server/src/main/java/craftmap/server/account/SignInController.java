package craftmap.server.account;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.access.Allowed;
import craftmap.server.access.Door;
import craftmap.server.access.Doors;
import craftmap.server.access.Secret;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studios;
import craftmap.server.studio.WhoAsks;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.BadCredentialsException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Coming in and going out: for whoever is not known yet, or is about to be. */
@RestController
@RequestMapping("/api")
class SignInController {
  private final SignIn signIn;
  private final People people;
  private final AccountBook accounts;
  private final WhoAsks whoAsks;
  private final Studios studios;
  private final Sessions sessions;
  private final Doors doors;

  SignInController(
      SignIn signIn,
      People people,
      AccountBook accounts,
      WhoAsks whoAsks,
      Studios studios,
      Sessions sessions,
      Doors doors) {
    this.signIn = signIn;
    this.people = people;
    this.accounts = accounts;
    this.whoAsks = whoAsks;
    this.studios = studios;
    this.sessions = sessions;
    this.doors = doors;
  }

  record SignInDoc(String signIn, String password) {}

  /** An account that is made: the first one. */
  record NewAccount(String signIn, String person, String password) {}

  record RecoveryDoc(String signIn, String code, String password) {}

  record LinkDoc(String link) {}

  /** Somebody follows a link; one who is there already says a new password only. */
  record JoinDoc(
      String link,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String signIn,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String person,
      String password) {}

  /**
   * What a link is for.
   *
   * @param signIn of whom it lets choose a new password; none where it lets somebody join
   */
  record LinkView(
      String studio,
      StudioRole role,
      String person,
      String madeBy,
      Instant endsAt,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String signIn) {}

  /**
   * Somebody has come in.
   *
   * @param codes each lets them choose a new password, once; told now and never again
   */
  record WelcomeView(MeView me, List<String> codes) {}

  @Allowed(value = StudioRole.ANYONE, atTheBench = true, unpaired = true)
  @GetMapping("/me")
  MeView me(HttpServletRequest request) {
    Door door = doors.of(request);
    return door instanceof Door.Unpaired ? MeView.UNPAIRED : known(request).by(door);
  }

  private MeView known(HttpServletRequest request) {
    return whoAsks
        .of(request)
        .map(
            asker ->
                asker.account().isEmpty()
                    ? MeView.atTheMachine(asker)
                    : view(people.of(asker.studio(), asker.account())))
        .orElse(MeView.NOBODY);
  }

  private MeView view(Account account) {
    return MeView.of(
        account, studios.get(account.studioId()).name(), accounts.codesLeft(account.id()));
  }

  private WelcomeView welcome(
      People.Joined joined, HttpServletRequest request, HttpServletResponse response) {
    signIn.as(joined.account(), request, response);
    return new WelcomeView(
        view(joined.account()), joined.codes().stream().map(Secret::text).toList());
  }

  /** The first account of all, by whoever sits at the machine. */
  @Allowed(StudioRole.OWNER)
  @PostMapping("/accounts")
  @ResponseStatus(HttpStatus.CREATED)
  WelcomeView first(
      Asker asker,
      @RequestBody NewAccount fresh,
      HttpServletRequest request,
      HttpServletResponse response) {
    Given given = new Given(fresh.signIn(), fresh.person(), fresh.password());
    return welcome(people.first(asker.studio(), given), request, response);
  }

  @Allowed(value = StudioRole.ANYONE, atTheBench = true)
  @PostMapping("/sign-in")
  MeView come(
      @RequestBody SignInDoc who, HttpServletRequest request, HttpServletResponse response) {
    signIn.by(who.signIn(), who.password(), request, response);
    return me(request);
  }

  @Allowed(value = StudioRole.ANYONE, atTheBench = true)
  @PostMapping("/sign-out")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void go(HttpServletRequest request, HttpServletResponse response) {
    signIn.out(request, response);
  }

  /** A new password for somebody who has one of their codes. */
  @Allowed(StudioRole.ANYONE)
  @PostMapping("/recovery")
  MeView recover(
      @RequestBody RecoveryDoc who, HttpServletRequest request, HttpServletResponse response) {
    String name = Given.signIn(who.signIn());
    Account account =
        signIn.tried(
            name,
            request,
            () ->
                people
                    .recover(name, Secret.fromPaper(who.code()), who.password())
                    .orElseThrow(() -> new BadCredentialsException("no such code")));
    sessions.endAll(account.id(), "");
    signIn.as(account, request, response);
    return me(request);
  }

  /** What a link is for, before it is followed. */
  @Allowed(StudioRole.ANYONE)
  @PostMapping("/join/look")
  LinkView look(@RequestBody LinkDoc doc) {
    Invitations.Invitation by = people.byLink(new Secret(doc.link()));
    return new LinkView(
        studios.get(by.studioId()).name(),
        by.role(),
        by.person(),
        by.madeBy(),
        by.endsAt(),
        by.account().flatMap(accounts::byId).map(Account::signIn).orElse(null));
  }

  @Allowed(StudioRole.ANYONE)
  @PostMapping("/join")
  @ResponseStatus(HttpStatus.CREATED)
  WelcomeView join(
      @RequestBody JoinDoc doc, HttpServletRequest request, HttpServletResponse response) {
    if (doc.password().isEmpty()) {
      throw new RefusedInput("password", said("empty"), said("is-missing"), said("a-value"));
    }
    People.Joined joined =
        people.join(new Secret(doc.link()), doc.signIn(), doc.person(), doc.password());
    if (joined.codes().isEmpty()) {
      sessions.endAll(joined.account().id(), "");
    }
    return welcome(joined, request, response);
  }
}

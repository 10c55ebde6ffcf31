package craftmap.server.account;

import static craftmap.core.measure.Figure.count;
import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.access.Secret;
import craftmap.server.access.StudioRole;
import craftmap.server.changes.Changes;
import craftmap.server.changes.Thing;
import craftmap.server.studio.Asker;
import craftmap.server.studio.Studio;
import craftmap.server.writing.Guarded;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.NoSuchElementException;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;

/** Who belongs to a studio, and who may come to it. */
@Service
class People {
  private static final int CODES = 8;
  private static final int LONGEST_DAYS = 30;
  private static final Duration LINK_FOR_A_PASSWORD = Duration.ofDays(1);

  private final AccountBook accounts;
  private final Invitations invitations;
  private final PasswordEncoder passwords;
  private final Changes changes;
  private final Clock clock;

  People(
      AccountBook accounts,
      Invitations invitations,
      PasswordEncoder passwords,
      Changes changes,
      Clock clock) {
    this.accounts = accounts;
    this.invitations = invitations;
    this.passwords = passwords;
    this.changes = changes;
    this.clock = clock;
  }

  /**
   * Somebody who has come.
   *
   * @param codes that let them choose a new password, told this once
   */
  record Joined(Account account, List<Secret> codes) {}

  /** A link, told this once. */
  record Link(Invitations.Invitation invitation, Secret secret) {}

  /** Makes the first account of a studio: its owner's. From now on nobody works without one. */
  @Guarded
  public Joined first(Studio studio, Given given) {
    if (!accounts.hold(studio.id())) {
      throw new RefusedInput(
          "accounts", said("made-already"), said("are-there"), said("a-sign-in"));
    }
    return add(studio.id(), given, StudioRole.OWNER);
  }

  /** Gives a link by which somebody can join. */
  @Guarded
  public Link invite(Asker asker, String person, StudioRole role, int days) {
    if (days < 1 || days > LONGEST_DAYS) {
      throw new RefusedInput(
          "days-it-holds", count(days), said("is-not-accepted"), said("1-to-30-days"));
    }
    String called = person == null || person.isBlank() ? "" : Given.checkPerson(person);
    return link(asker, Optional.empty(), called, joinable(role), Duration.ofDays(days));
  }

  /** Gives a link by which somebody who is there can choose a new password. */
  @Guarded
  public Link linkForPassword(Asker asker, String id) {
    Account account = of(asker.studio(), id);
    invitations.takeBackOf(id);
    return link(asker, Optional.of(id), account.person(), account.role(), LINK_FOR_A_PASSWORD);
  }

  private Link link(
      Asker asker, Optional<String> account, String person, StudioRole role, Duration holds) {
    Instant now = clock.instant();
    Secret secret = Secret.forLink();
    Invitations.Invitation invitation =
        new Invitations.Invitation(
            UUID.randomUUID().toString(),
            asker.studio().id(),
            account,
            person,
            role,
            asker.person(),
            now.plus(holds));
    invitations.add(invitation, secret, now);
    told(asker.studio().id());
    return new Link(invitation, secret);
  }

  @Guarded
  public void takeBack(Studio studio, String invitationId) {
    if (!invitations.takeBack(studio.id(), invitationId)) {
      throw new NoSuchElementException("There is no such invitation any more.");
    }
    told(studio.id());
  }

  Invitations.Invitation byLink(Secret link) {
    return invitations.byLink(link, clock.instant());
  }

  List<Account> of(Studio studio) {
    return accounts.of(studio.id());
  }

  List<Invitations.Invitation> invited(Studio studio) {
    return invitations.of(studio.id(), clock.instant());
  }

  /** Somebody follows a link: one who is new joins, one who is there has a new password. */
  @Guarded
  public Joined join(Secret link, String signIn, String person, String password) {
    Invitations.Invitation by = byLink(link);
    accounts.hold(by.studioId());
    invitations.use(by);
    return by.account().isPresent()
        ? new Joined(chooses(by.account().get(), password), List.of())
        : add(by.studioId(), new Given(signIn, person, password), by.role());
  }

  /** Somebody who wrote down their codes has forgotten the password. */
  @Guarded
  public Optional<Account> recover(String signIn, Secret code, String password) {
    return accounts
        .bySignIn(signIn)
        .filter(a -> accounts.useCode(a.id(), code))
        .map(a -> chooses(a.id(), password));
  }

  private Account chooses(String id, String password) {
    Account account = accounts.byId(id).orElseThrow();
    Given.checkPassword(password, account.signIn(), account.person());
    accounts.setPassword(id, passwords.encode(password));
    invitations.takeBackOf(id);
    told(account.studioId());
    return account;
  }

  /** Changes the password of somebody who knows the one until now. */
  @Guarded
  public void changePassword(String id, String old, String password) {
    checkPassword(id, old);
    chooses(id, password);
  }

  /** New codes for somebody who knows their password; those of before are good no more. */
  @Guarded
  public List<Secret> newCodes(String id, String password) {
    checkPassword(id, password);
    return codes(accounts.byId(id).orElseThrow());
  }

  private void checkPassword(String id, String password) {
    if (!passwords.matches(password, accounts.passwordOf(id))) {
      throw new RefusedInput(
          "old-password", said("not-shown"), said("is-not-it"), said("the-one-you-sign-in-with"));
    }
  }

  /** Calls somebody by another name, or has them do more or less. */
  @Guarded
  public Account change(Studio studio, String id, String person, StudioRole role) {
    accounts.hold(studio.id());
    Account account = of(studio, id);
    keepAnOwner(account, role);
    String name = Given.checkPerson(person);
    checkFree(studio.id(), id, name);
    accounts.change(studio.id(), id, name, joinable(role));
    told(studio.id());
    return of(studio, id);
  }

  /** Somebody leaves; what they did stays under their name. */
  @Guarded
  public void remove(Studio studio, String id) {
    accounts.hold(studio.id());
    keepAnOwner(of(studio, id), StudioRole.GUEST);
    accounts.remove(studio.id(), id);
    told(studio.id());
  }

  int codesLeft(String id) {
    return accounts.codesLeft(id);
  }

  Account of(Studio studio, String id) {
    return accounts
        .byId(id)
        .filter(a -> a.studioId().equals(studio.id()))
        .orElseThrow(() -> new NoSuchElementException("There is nobody " + id + " here."));
  }

  private Joined add(String studioId, Given given, StudioRole role) {
    checkFree(studioId, "", given.person());
    Account account =
        new Account(
            UUID.randomUUID().toString(),
            studioId,
            given.signIn(),
            given.person(),
            role,
            clock.instant());
    try {
      accounts.add(account, passwords.encode(given.password()));
    } catch (DuplicateKeyException taken) {
      // the database knows, also of somebody who joins another studio at this moment
      throw new RefusedInput(
          "sign-in-name", given(given.signIn()), said("is-had-by-another"), said("another-name"));
    }
    told(studioId);
    return new Joined(account, codes(account));
  }

  private List<Secret> codes(Account account) {
    List<Secret> codes = IntStream.range(0, CODES).mapToObj(_ -> Secret.forPaper()).toList();
    accounts.setCodes(account, codes);
    return codes;
  }

  private void checkFree(String studioId, String but, String person) {
    boolean isTaken =
        accounts.of(studioId).stream()
            .anyMatch(a -> !a.id().equals(but) && a.person().equalsIgnoreCase(person));
    if (isTaken) {
      throw new RefusedInput(
          "name", given(person), said("is-had-by-another"), said("another-name"));
    }
  }

  private void keepAnOwner(Account account, StudioRole becomes) {
    boolean isTheLast =
        account.role() == StudioRole.OWNER
            && becomes != StudioRole.OWNER
            && accounts.of(account.studioId()).stream()
                    .filter(a -> a.role() == StudioRole.OWNER)
                    .count()
                == 1;
    if (isTheLast) {
      throw new RefusedInput(
          "role", given(account.person()), said("is-the-last-owner"), said("another-owner-first"));
    }
  }

  private static StudioRole joinable(StudioRole role) {
    if (role == StudioRole.ANYONE) {
      throw new RefusedInput(
          "role", given(role.name()), said("is-unknown"), given("GUEST, MAKER, OWNER"));
    }
    return role;
  }

  private void told(String studioId) {
    changes.tell(studioId, Thing.PEOPLE, studioId);
  }
}

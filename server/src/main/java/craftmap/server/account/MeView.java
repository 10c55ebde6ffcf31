package craftmap.server.account;

import craftmap.server.access.Door;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import io.swagger.v3.oas.annotations.media.Schema;

/**
 * Who asks, as the page needs to know it.
 *
 * @param accounts whether there are any: then one signs in
 * @param role what they are; {@code ANYONE} while nobody has signed in
 * @param person the name under which is written down what they do
 * @param device the paired device that this is, where it is one
 * @param unpaired true on a device that has to be paired first
 * @param codesLeft how many of their codes for a new password are left
 */
record MeView(
    boolean accounts,
    StudioRole role,
    String person,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String account,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String signIn,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) String studio,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Integer codesLeft,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) OnDeviceView device,
    @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) Boolean unpaired) {
  /** A device that works with the studio over its own network. */
  record OnDeviceView(String name, boolean benchOnly) {}

  static final MeView NOBODY =
      new MeView(true, StudioRole.ANYONE, "", null, null, null, null, null, null);

  static final MeView UNPAIRED =
      new MeView(false, StudioRole.ANYONE, "", null, null, null, null, null, true);

  /** While there are no accounts. */
  static MeView atTheMachine(Asker asker) {
    return new MeView(
        false, asker.role(), asker.person(), null, null, asker.studio().name(), null, null, null);
  }

  static MeView of(Account account, String studio, int codesLeft) {
    return new MeView(
        true,
        account.role(),
        account.person(),
        account.id(),
        account.signIn(),
        studio,
        codesLeft,
        null,
        null);
  }

  /** The same by the way it was asked. */
  MeView by(Door door) {
    return door instanceof Door.Paired device
        ? new MeView(
            accounts,
            role,
            person,
            account,
            signIn,
            studio,
            codesLeft,
            new OnDeviceView(device.name(), device.benchOnly()),
            null)
        : this;
  }
}

package craftmap.server.lan;

import jakarta.servlet.http.HttpServletRequest;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.nio.file.Path;
import java.time.Clock;
import java.util.Optional;

/**
 * Whether, and where, this server is reached over the studio's own network. Where nobody asked for
 * that, nothing but loopback is listened to.
 */
final class Lan {
  private final Optional<Served> served;

  private Lan(Optional<Served> served) {
    this.served = served;
  }

  /**
   * Where it is served.
   *
   * @param certificate what it shows there
   */
  record Served(Inet4Address address, int port, Certificate certificate) {
    /** As a browser names it in an address and in its {@code Host}. */
    String authority() {
      return address.getHostAddress() + ":" + port;
    }

    String url() {
      return "https://" + authority();
    }
  }

  static Lan none() {
    return new Lan(Optional.empty());
  }

  /**
   * As it was asked for.
   *
   * @param given an address, with a port or without; {@code auto} for the machine's only one; empty
   *     for none
   * @param folder where the certificate is kept
   * @throws NoLan where it cannot be, with why
   */
  static Lan of(String given, Path folder, Clock clock) {
    if (given.isBlank()) {
      return none();
    }
    LanAddress at = LanAddress.of(given.strip(), LanAddress::ofThisMachine);
    return new Lan(
        Optional.of(
            new Served(at.address(), at.port(), Certificate.in(folder, at.address(), clock))));
  }

  Optional<Served> served() {
    return served;
  }

  /** Whether a request came over it: by where it was received, not by what it says of itself. */
  Optional<Served> by(HttpServletRequest request) {
    return served.filter(
        s -> request.getLocalPort() == s.port() && isSame(s.address(), request.getLocalAddr()));
  }

  private static boolean isSame(InetAddress address, String local) {
    return address.getHostAddress().equals(local);
  }
}

package craftmap.server.lan;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.NetworkInterface;
import java.net.ServerSocket;
import java.net.SocketException;
import java.net.UnknownHostException;
import java.util.List;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * An address of this machine on a network of the studio's own. One that the whole world can reach
 * is none: for that there is a proxy in front, with a certificate that browsers know.
 */
record LanAddress(Inet4Address address, int port) {
  static final int PORT = 8443;
  private static final int MOST = 65_535;
  private static final String ONLY = "auto";
  private static final Pattern GIVEN =
      Pattern.compile("(\\d{1,3}(?:\\.\\d{1,3}){3})(?::(\\d{1,5}))?");

  /**
   * As it was given.
   *
   * @param machine the addresses that this machine has on networks of its own
   * @throws NoLan where it is none, or where nothing can be listened to
   */
  static LanAddress of(String given, Supplier<List<Inet4Address>> machine) {
    LanAddress at = given.equals(ONLY) ? new LanAddress(only(machine.get()), PORT) : read(given);
    at.checkIsFree();
    return at;
  }

  private static Inet4Address only(List<Inet4Address> all) {
    if (all.isEmpty()) {
      throw new NoLan(
          "--lan: this machine is on no network of its own now. Join one, such as the studio's"
              + " wireless, and start again.");
    }
    if (all.size() > 1) {
      throw new NoLan(
          "--lan: this machine is on several networks. Give the address on the studio's own: "
              + all.stream()
                  .map(a -> "--lan " + a.getHostAddress())
                  .collect(Collectors.joining(" or "))
              + ".");
    }
    return all.getFirst();
  }

  private static LanAddress read(String given) {
    Matcher parts = GIVEN.matcher(given);
    int port = parts.matches() && parts.group(2) != null ? Integer.parseInt(parts.group(2)) : PORT;
    if (!parts.matches() || port < 1 || port > MOST || !isAddress(parts.group(1))) {
      throw new NoLan(
          "--lan ("
              + given
              + ") is not an address. Give one of this machine, such as --lan 192.168.1.20 or"
              + " --lan 192.168.1.20:8443.");
    }
    Inet4Address address = literal(parts.group(1));
    if (!isOwn(address)) {
      throw new NoLan(
          "--lan ("
              + given
              + ") is not on a network of one's own. Give this machine's address there, such as"
              + " 192.168.1.20; for others, docs/accounts.md says how to stand behind a proxy.");
    }
    return new LanAddress(address, port);
  }

  private static boolean isAddress(String text) {
    return Pattern.compile("\\.").splitAsStream(text).allMatch(n -> Integer.parseInt(n) <= 255);
  }

  private static Inet4Address literal(String text) {
    try {
      return (Inet4Address) InetAddress.getByName(text);
    } catch (UnknownHostException e) {
      throw new IllegalStateException("impossible state: four numbers are looked up nowhere", e);
    }
  }

  /** Of a home or a studio, of a cable between two machines, or of this machine itself. */
  private static boolean isOwn(Inet4Address address) {
    byte[] b = address.getAddress();
    boolean isOfACarrier = (b[0] & 0xff) == 100 && (b[1] & 0xc0) == 64;
    return !address.isAnyLocalAddress()
        && (address.isSiteLocalAddress()
            || address.isLinkLocalAddress()
            || address.isLoopbackAddress()
            || isOfACarrier);
  }

  /** Tried before all else: what it fails on is told in a sentence. */
  private void checkIsFree() {
    try (ServerSocket socket = new ServerSocket()) {
      socket.setReuseAddress(true);
      socket.bind(new InetSocketAddress(address, port));
    } catch (IOException taken) {
      boolean isHere = isOfThisMachine();
      throw new NoLan(
          isHere
              ? "--lan: port %d of %s is taken by another program. Give another, such as --lan %s:%d."
                  .formatted(
                      port,
                      address.getHostAddress(),
                      address.getHostAddress(),
                      port < MOST ? port + 1 : PORT)
              : "--lan (%s) is not an address that this machine has now. It has: %s."
                  .formatted(
                      address.getHostAddress(),
                      ofThisMachine().isEmpty()
                          ? "none on a network of its own"
                          : ofThisMachine().stream()
                              .map(InetAddress::getHostAddress)
                              .collect(Collectors.joining(", "))),
          taken);
    }
  }

  private boolean isOfThisMachine() {
    try {
      return address.isLoopbackAddress() || NetworkInterface.getByInetAddress(address) != null;
    } catch (SocketException unknown) {
      return false;
    }
  }

  /** Those on networks of its own, but loopback. */
  static List<Inet4Address> ofThisMachine() {
    try {
      return NetworkInterface.networkInterfaces()
          .flatMap(NetworkInterface::inetAddresses)
          .filter(Inet4Address.class::isInstance)
          .map(Inet4Address.class::cast)
          .filter(a -> isOwn(a) && !a.isLoopbackAddress())
          .toList();
    } catch (SocketException none) {
      return List.of();
    }
  }
}

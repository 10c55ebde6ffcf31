package craftmap.server.lan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.UnknownHostException;
import java.util.List;
import java.util.Random;
import java.util.function.Supplier;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class LanAddressTest {
  private static final Supplier<List<Inet4Address>> NONE = List::of;

  private static Supplier<List<Inet4Address>> having(String... addresses) {
    return () ->
        List.of(addresses).stream()
            .map(
                a -> {
                  try {
                    return (Inet4Address) InetAddress.getByName(a);
                  } catch (UnknownHostException e) {
                    throw new IllegalStateException(e);
                  }
                })
            .toList();
  }

  @Test
  void anAddressIsTakenWithAPortOrWithTheUsualOne() throws IOException {
    int free;
    try (ServerSocket socket = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.6"))) {
      free = socket.getLocalPort();
    }
    LanAddress at = LanAddress.of("127.0.0.6:" + free, NONE);
    assertThat(at.address().getHostAddress()).isEqualTo("127.0.0.6");
    assertThat(at.port()).isEqualTo(free);
    assertThat(LanAddress.of("127.0.0.6", NONE).port()).isEqualTo(8443);
  }

  @Test
  void theOnlyOneNeedNotBeSaid() {
    assertThat(LanAddress.of("auto", having("127.0.0.6")).address().getHostAddress())
        .isEqualTo("127.0.0.6");
    assertThatThrownBy(() -> LanAddress.of("auto", having("192.168.1.20", "10.8.0.3")))
        .isInstanceOf(NoLan.class)
        .hasMessageContaining("--lan 192.168.1.20 or --lan 10.8.0.3");
    assertThatThrownBy(() -> LanAddress.of("auto", NONE))
        .isInstanceOf(NoLan.class)
        .hasMessageContaining("on no network of its own");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "here",
        "192.168.1",
        "192.168.1.256",
        "192.168.1.20:0",
        "192.168.1.20:65536",
        "192.168.1.20:x",
        "::1",
        "192.168.1.20/24",
        "1.2.3.4.5"
      })
  void whatIsNoAddressIsTold(String given) {
    assertThatThrownBy(() -> LanAddress.of(given, NONE))
        .isInstanceOf(NoLan.class)
        .hasMessageStartingWith("--lan (" + given + ") is not an address")
        .hasMessageContaining("192.168.1.20:8443");
  }

  /** Never on an address that the whole world can reach, nor on all of the machine's at once. */
  @Test
  void onlyNetworksOfOnesOwnAreServed() {
    for (String given :
        List.of(
            "0.0.0.0",
            "8.8.8.8",
            "172.32.0.1",
            "192.169.0.1",
            "100.128.0.1",
            "224.0.0.1",
            "255.255.255.255")) {
      assertThatThrownBy(() -> LanAddress.of(given, NONE))
          .as(given)
          .isInstanceOf(NoLan.class)
          .hasMessageContaining("not on a network of one's own");
    }
    Random dice = new Random(20761);
    for (int n = 0; n < 500; n++) {
      String given =
          "%d.%d.%d.%d"
              .formatted(
                  11 + dice.nextInt(80), dice.nextInt(256), dice.nextInt(256), dice.nextInt(256));
      assertThatThrownBy(() -> LanAddress.of(given, NONE))
          .as(given)
          .hasMessageContaining("not on a network of one's own");
    }
  }

  @Test
  void oneThatThisMachineHasNotOrThatIsTakenIsTold() throws IOException {
    assertThatThrownBy(() -> LanAddress.of("10.255.254.253", NONE))
        .isInstanceOf(NoLan.class)
        .hasMessageContaining("is not an address that this machine has now");
    try (ServerSocket taken = new ServerSocket(0, 1, InetAddress.getByName("127.0.0.6"))) {
      assertThatThrownBy(() -> LanAddress.of("127.0.0.6:" + taken.getLocalPort(), NONE))
          .isInstanceOf(NoLan.class)
          .hasMessageContaining("port " + taken.getLocalPort() + " of 127.0.0.6 is taken")
          .hasMessageContaining("Give another");
    }
  }
}

package craftmap.server.lan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

@Tag("thorough")
class CertificateTest {
  private static final Clock NOW = Clock.systemUTC();

  @TempDir Path data;

  private Certificate of(String address, Clock clock) throws UnknownHostException {
    return Certificate.in(
        data.resolve("lan"), (Inet4Address) InetAddress.getByName(address), clock);
  }

  @Test
  void itIsMadeOnceForAnAddressAndStaysTheSame() throws Exception {
    Certificate made = of("192.168.7.31", NOW);
    assertThat(made.shown().getSubjectAlternativeNames()).hasToString("[[7, 192.168.7.31]]");
    assertThat(made.shown().getPublicKey().getAlgorithm()).isEqualTo("EC");
    assertThat(made.shown().getExtendedKeyUsage()).containsExactly("1.3.6.1.5.5.7.3.1");
    made.shown().checkValidity();
    made.shown().verify(made.shown().getPublicKey());
    assertThat(of("192.168.7.31", NOW).fingerprint()).isEqualTo(made.fingerprint());
    assertThat(of("192.168.7.32", NOW).fingerprint()).isNotEqualTo(made.fingerprint());
  }

  @Test
  void itIsMadeAnewAMonthBeforeItEnds() throws Exception {
    Certificate made = of("10.0.0.5", NOW);
    Instant end = made.shown().getNotAfter().toInstant();
    assertThat(Duration.between(NOW.instant(), end).toDays()).isBetween(818L, 820L);
    assertThat(of("10.0.0.5", at(end.minus(Duration.ofDays(31)))).fingerprint())
        .isEqualTo(made.fingerprint());
    assertThat(of("10.0.0.5", at(end.minus(Duration.ofDays(29)))).fingerprint())
        .isNotEqualTo(made.fingerprint());
  }

  private static Clock at(Instant moment) {
    return Clock.fixed(moment, ZoneOffset.UTC);
  }

  @Test
  void nobodyButItsOwnerReadsTheKey() throws Exception {
    Certificate made = of("10.0.0.5", NOW);
    Path folder = data.resolve("lan");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder)))
        .isEqualTo("rwx------");
    for (String file : List.of("keystore.p12", "password")) {
      assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(folder.resolve(file))))
          .as(file)
          .isEqualTo("rw-------");
    }
    assertThat(made.password()).hasSizeGreaterThan(40);
    try (var files = Files.list(folder)) {
      assertThat(files).hasSize(2);
    }
  }

  /** Whatever a power cut, or a hand, left there. */
  @Test
  void oneThatCannotBeReadIsMadeAnew() throws Exception {
    Certificate made = of("10.0.0.5", NOW);
    Path folder = data.resolve("lan");
    Files.writeString(folder.resolve("keystore.p12"), "half of");
    Certificate second = of("10.0.0.5", NOW);
    assertThat(second.fingerprint()).isNotEqualTo(made.fingerprint());
    Files.delete(folder.resolve("password"));
    Certificate third = of("10.0.0.5", NOW);
    assertThat(third.fingerprint()).isNotEqualTo(second.fingerprint());
    Files.delete(folder.resolve("keystore.p12"));
    Files.writeString(folder.resolve("keystore.new"), "half of");
    assertThat(of("10.0.0.5", NOW).password()).isEqualTo(third.password());
  }

  @Test
  void aFolderThatCannotBeMadeIsTold() throws Exception {
    Files.writeString(data.resolve("lan"), "a file");
    assertThatThrownBy(() -> of("10.0.0.5", NOW))
        .isInstanceOf(NoLan.class)
        .hasMessageStartingWith("--lan: no certificate can be made in ")
        .hasMessageContaining("--data DIR");
  }
}

package craftmap.server.lan;

import craftmap.server.access.Secret;
import java.io.IOException;
import java.io.InputStream;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.attribute.PosixFilePermissions;
import java.security.GeneralSecurityException;
import java.security.KeyStore;
import java.security.MessageDigest;
import java.security.cert.X509Certificate;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What this server shows on the studio's own network: a certificate of its own, made on first use
 * by the Java that runs it, for its address there. No authority vouches for it, so whoever pairs a
 * device compares its fingerprint once. It is made anew where the address is another one, and
 * before it ends.
 *
 * @param keystore where it lies, with its key
 * @param password what opens that; in a file beside it that nobody but its owner reads
 */
record Certificate(Path keystore, String password, X509Certificate shown) {
  static final String ALIAS = "craftmap";
  private static final Logger LOG = LoggerFactory.getLogger(Certificate.class);

  /** What browsers accept of a certificate that somebody trusts by hand. */
  private static final int DAYS = 820;

  private static final Duration SOON = Duration.ofDays(30);

  /** The one in a folder for an address; made where there is none that is good. */
  static Certificate in(Path folder, Inet4Address address, Clock clock) {
    Path keystore = folder.resolve("keystore.p12");
    Path password = folder.resolve("password");
    try {
      Optional<Certificate> there = there(keystore, password);
      if (there.isPresent() && there.get().isGoodFor(address, clock.instant())) {
        return there.get();
      }
      Files.createDirectories(folder);
      ownersAlone(folder, "rwx------");
      if (!Files.exists(password)) {
        keep(password, Secret.forLink().text());
      }
      return make(keystore, password, address);
    } catch (IOException | GeneralSecurityException failed) {
      throw new NoLan(
          "--lan: no certificate can be made in "
              + folder
              + ". Free some space, or give a folder you own with --data DIR.",
          failed);
    }
  }

  /** One that cannot be read is none: another is made, and devices are shown that. */
  private static Optional<Certificate> there(Path keystore, Path password) {
    try {
      return Files.exists(keystore) && Files.exists(password)
          ? Optional.of(read(keystore, Files.readString(password).strip()))
          : Optional.empty();
    } catch (IOException | GeneralSecurityException broken) {
      LOG.warn("the certificate {} cannot be read and is made anew", keystore, broken);
      return Optional.empty();
    }
  }

  private static Certificate make(Path keystore, Path password, Inet4Address address)
      throws IOException, GeneralSecurityException {
    String at = address.getHostAddress();
    Path fresh = keystore.resolveSibling("keystore.new");
    Files.deleteIfExists(fresh);
    keytool(
        List.of(
            "-genkeypair",
            "-alias",
            ALIAS,
            "-keyalg",
            "EC",
            "-groupname",
            "secp256r1",
            "-sigalg",
            "SHA256withECDSA",
            "-dname",
            "CN=Craft Map at " + at,
            "-validity",
            "" + DAYS,
            "-ext",
            "san=ip:" + at,
            // so that a device can be told to trust it, and it alone
            "-ext",
            "bc:c=ca:true,pathlen:0",
            "-ext",
            "ku:c=digitalSignature,keyCertSign",
            "-ext",
            "eku=serverAuth",
            "-storetype",
            "PKCS12",
            "-keystore",
            fresh.toString(),
            "-storepass:file",
            password.toString()));
    ownersAlone(fresh, "rw-------");
    Files.move(
        fresh, keystore, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
    return read(keystore, Files.readString(password).strip());
  }

  private static void keytool(List<String> arguments) throws IOException {
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "keytool").toString());
    command.addAll(arguments);
    Process process = new ProcessBuilder(command).redirectErrorStream(true).start();
    process.getOutputStream().close();
    try (InputStream out = process.getInputStream()) {
      String said = new String(out.readAllBytes(), StandardCharsets.UTF_8);
      if (process.waitFor() != 0) {
        throw new IOException("keytool: " + said.strip());
      }
    } catch (InterruptedException stopped) {
      Thread.currentThread().interrupt();
      throw new IOException(stopped);
    }
  }

  private static Certificate read(Path keystore, String password)
      throws IOException, GeneralSecurityException {
    KeyStore keys = KeyStore.getInstance("PKCS12");
    try (InputStream in = Files.newInputStream(keystore)) {
      keys.load(in, password.toCharArray());
    }
    if (!(keys.getCertificate(ALIAS) instanceof X509Certificate certificate)) {
      throw new GeneralSecurityException("no certificate " + ALIAS);
    }
    return new Certificate(keystore, password, certificate);
  }

  private boolean isGoodFor(InetAddress address, Instant now) throws GeneralSecurityException {
    Collection<List<?>> names = shown.getSubjectAlternativeNames();
    return names != null
        && names.stream().anyMatch(n -> n.get(1).equals(address.getHostAddress()))
        && shown.getNotAfter().toInstant().isAfter(now.plus(SOON));
  }

  /** As browsers show it: the SHA-256 of the certificate, in pairs. */
  String fingerprint() {
    return HexFormat.ofDelimiter(":").withUpperCase().formatHex(sha256());
  }

  private byte[] sha256() {
    try {
      return MessageDigest.getInstance("SHA-256").digest(shown.getEncoded());
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException("impossible state: it was read, and Java has SHA-256", e);
    }
  }

  private static void keep(Path file, String text) throws IOException {
    Path fresh = file.resolveSibling(file.getFileName() + ".new");
    Files.deleteIfExists(fresh);
    Files.createFile(fresh);
    ownersAlone(fresh, "rw-------");
    Files.writeString(fresh, text);
    Files.move(fresh, file, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }

  private static void ownersAlone(Path path, String may) throws IOException {
    if (Files.getFileStore(path).supportsFileAttributeView("posix")
        && Files.exists(path, LinkOption.NOFOLLOW_LINKS)) {
      Files.setPosixFilePermissions(path, PosixFilePermissions.fromString(may));
    }
  }
}

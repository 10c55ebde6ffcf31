package craftmap.server.lan;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import org.apache.catalina.connector.Connector;
import org.apache.coyote.http11.Http11NioProtocol;
import org.apache.tomcat.util.net.SSLHostConfig;
import org.apache.tomcat.util.net.SSLHostConfigCertificate;
import org.apache.tomcat.util.threads.VirtualThreadExecutor;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** Listens on the studio's own network too, by TLS, where that was asked for. */
@Configuration(proxyBeanMethods = false)
class LanConfig {
  private static final int LARGEST_SWALLOWED = 100 * 1024 * 1024;

  /** What bin/start tells of it. */
  private static final String TOLD = "told";

  @Bean
  Lan lan(
      @Value("${craftmap.lan}") String given, @Value("${craftmap.data:var}") Path data, Clock clock)
      throws IOException {
    Path folder = data.resolve("lan");
    Lan lan = Lan.of(given, folder, clock);
    if (lan.served().isPresent()) {
      Lan.Served served = lan.served().get();
      Files.writeString(
          folder.resolve(TOLD), served.url() + "/\n" + served.certificate().fingerprint() + "\n");
    }
    return lan;
  }

  @Bean
  WebServerFactoryCustomizer<TomcatServletWebServerFactory> onTheStudiosNetwork(Lan lan) {
    return tomcat ->
        lan.served().ifPresent(served -> tomcat.addAdditionalConnectors(connector(served)));
  }

  private static Connector connector(Lan.Served served) {
    Http11NioProtocol protocol = new Http11NioProtocol();
    protocol.setAddress(served.address());
    protocol.setPort(served.port());
    protocol.setSSLEnabled(true);
    protocol.addSslHostConfig(tls(served.certificate()));
    protocol.setExecutor(new VirtualThreadExecutor("lan-handler-"));
    protocol.setMaxSwallowSize(LARGEST_SWALLOWED);
    protocol.setCompression("on");
    protocol.setCompressibleMimeType(
        "application/json,application/problem+json,text/html,text/css,text/javascript,image/svg+xml");
    Connector connector = new Connector(protocol);
    connector.setScheme("https");
    connector.setSecure(true);
    return connector;
  }

  private static SSLHostConfig tls(Certificate certificate) {
    SSLHostConfig tls = new SSLHostConfig();
    tls.setProtocols("TLSv1.2+TLSv1.3");
    SSLHostConfigCertificate shown =
        new SSLHostConfigCertificate(tls, SSLHostConfigCertificate.Type.EC);
    shown.setCertificateKeystoreFile(certificate.keystore().toString());
    shown.setCertificateKeystoreType("PKCS12");
    shown.setCertificateKeystorePassword(certificate.password());
    shown.setCertificateKeyAlias(Certificate.ALIAS);
    tls.addCertificate(shown);
    return tls;
  }
}

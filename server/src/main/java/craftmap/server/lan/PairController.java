package craftmap.server.lan;

import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import jakarta.servlet.http.HttpServletRequest;
import java.security.cert.CertificateEncodingException;
import java.time.Duration;
import java.util.NoSuchElementException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The device's side: what it compares, and the letters typed on it. */
@RestController
@RequestMapping("/api/pair")
class PairController {
  private static final Logger LOG = LoggerFactory.getLogger(PairController.class);
  private static final MediaType CERTIFICATE =
      MediaType.parseMediaType("application/x-x509-ca-cert");

  /** As long as browsers keep one. */
  private static final Duration TOKEN_HOLDS = Duration.ofDays(400);

  private final Devices devices;
  private final Lan lan;

  PairController(Devices devices, Lan lan) {
    this.devices = devices;
    this.lan = lan;
  }

  /**
   * What is typed on a device.
   *
   * @param letters the six that the studio's screen shows
   * @param name what the device is to be called
   */
  record PairDoc(String letters, String name) {}

  /** What a device is now. */
  record PairedView(String name, boolean benchOnly) {}

  /** What the studio's screen shows too; there only where this came over its network. */
  @Allowed(value = StudioRole.ANYONE, atTheBench = true, unpaired = true)
  @GetMapping
  DeviceController.LanView shown(HttpServletRequest request) {
    return DeviceController.LanView.of(served(request));
  }

  /** To be trusted by hand on a device, so that it stops asking. */
  @Allowed(value = StudioRole.ANYONE, atTheBench = true, unpaired = true)
  @GetMapping(value = "/certificate", produces = "application/x-x509-ca-cert")
  ResponseEntity<byte[]> certificate(HttpServletRequest request)
      throws CertificateEncodingException {
    return ResponseEntity.ok()
        .contentType(CERTIFICATE)
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"craft-map.crt\"")
        .body(served(request).certificate().shown().getEncoded());
  }

  @Allowed(value = StudioRole.ANYONE, atTheBench = true, unpaired = true)
  @PostMapping
  ResponseEntity<PairedView> pair(@RequestBody PairDoc doc, HttpServletRequest request) {
    served(request);
    // what is typed wrong here is no try
    String name = Devices.checkName(doc.name());
    devices.tries();
    Devices.Paired paired;
    try {
      paired = devices.pair(doc.letters(), name);
    } catch (NoSuchElementException wrong) {
      LOG.warn("a device at {} was not paired", request.getRemoteAddr());
      throw wrong;
    }
    LOG.info("device {} was paired from {}", paired.device().id(), request.getRemoteAddr());
    ResponseCookie token =
        ResponseCookie.from(LanDoors.COOKIE, paired.token().text())
            .path("/")
            .httpOnly(true)
            .secure(true)
            .sameSite("Strict")
            .maxAge(TOKEN_HOLDS)
            .build();
    return ResponseEntity.status(HttpStatus.CREATED)
        .header(HttpHeaders.SET_COOKIE, token.toString())
        .body(new PairedView(paired.device().name(), paired.device().benchOnly()));
  }

  private Lan.Served served(HttpServletRequest request) {
    return lan.by(request)
        .orElseThrow(
            () ->
                new NoSuchElementException(
                    "Devices are paired over the studio's own network, at the address that Studio,"
                        + " Devices shows."));
  }
}

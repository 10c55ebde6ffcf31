package craftmap.server.lan;

import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.studio.Asker;
import io.swagger.v3.oas.annotations.media.Schema;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** The studio's side: what is paired with it, and letters for the next one. */
@RestController
@RequestMapping("/api/devices")
class DeviceController {
  private static final String PAGE = "/pair#";

  private final Devices devices;
  private final Lan lan;

  DeviceController(Devices devices, Lan lan) {
    this.devices = devices;
    this.lan = lan;
  }

  /**
   * What is paired, and whether anything can be.
   *
   * @param lan where the studio's network reaches this server; absent where it does not
   * @param pairing the letters that hold now; absent where none do
   */
  record DevicesView(
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) LanView lan,
      List<PairedDeviceView> devices,
      @Schema(requiredMode = Schema.RequiredMode.NOT_REQUIRED) PairingView pairing) {}

  /**
   * The studio's own network.
   *
   * @param fingerprint of the certificate shown there: its SHA-256, in pairs
   */
  record LanView(String address, String fingerprint) {
    static LanView of(Lan.Served served) {
      return new LanView(served.url(), served.certificate().fingerprint());
    }
  }

  /** A device that is paired. */
  record PairedDeviceView(
      String id,
      String name,
      boolean benchOnly,
      String pairedBy,
      Instant pairedAt,
      Instant seenAt) {}

  /** Letters that hold. */
  record PairingView(boolean benchOnly, int triesLeft, Instant endsAt) {}

  record PairingDoc(boolean benchOnly) {}

  /**
   * Letters for the next device; told this once.
   *
   * @param address where they are typed
   * @param qr the same address with the letters, for a camera
   */
  record LettersView(
      String letters, String address, QrCode qr, String fingerprint, Instant endsAt) {}

  record DeviceDoc(String name, boolean benchOnly) {}

  @Allowed(StudioRole.OWNER)
  @GetMapping
  DevicesView devices(Asker asker) {
    return new DevicesView(
        lan.served().map(LanView::of).orElse(null),
        devices.of(asker.studio()).stream().map(DeviceController::view).toList(),
        devices
            .pairing(asker.studio())
            .map(p -> new PairingView(p.benchOnly(), p.triesLeft(), p.endsAt()))
            .orElse(null));
  }

  /** Letters of before are good no more. */
  @Allowed(StudioRole.OWNER)
  @PostMapping("/pairing")
  @ResponseStatus(HttpStatus.CREATED)
  LettersView openPairing(Asker asker, @RequestBody PairingDoc doc) {
    Lan.Served served =
        lan.served()
            .orElseThrow(
                () ->
                    new RefusedInput(
                        "devices", said("none-yet"), said("cannot-be-paired"), said("with-lan")));
    Devices.Letters letters = devices.open(asker, doc.benchOnly());
    String text = letters.secret().text();
    return new LettersView(
        text,
        served.url() + "/pair",
        QrCode.of(served.url() + PAGE + text),
        served.certificate().fingerprint(),
        letters.endsAt());
  }

  @Allowed(StudioRole.OWNER)
  @DeleteMapping("/pairing")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void closePairing(Asker asker) {
    devices.close(asker.studio());
  }

  @Allowed(StudioRole.OWNER)
  @PutMapping("/{id}")
  PairedDeviceView changeDevice(Asker asker, @PathVariable String id, @RequestBody DeviceDoc doc) {
    return view(devices.change(asker.studio(), id, doc.name(), doc.benchOnly()));
  }

  @Allowed(StudioRole.OWNER)
  @DeleteMapping("/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void sendAway(Asker asker, @PathVariable String id) {
    devices.sendAway(asker.studio(), id);
  }

  private static PairedDeviceView view(Devices.Device d) {
    return new PairedDeviceView(
        d.id(), d.name(), d.benchOnly(), d.pairedBy(), d.pairedAt(), d.seenAt());
  }
}

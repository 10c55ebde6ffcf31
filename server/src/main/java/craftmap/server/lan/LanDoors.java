package craftmap.server.lan;

import craftmap.server.access.Door;
import craftmap.server.access.Doors;
import craftmap.server.access.Secret;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;

/** Knows a paired device by the token in its cookie. */
@Component
class LanDoors implements Doors {
  static final String COOKIE = "craftmap-device";
  private static final String FOUND = LanDoors.class.getName();
  private static final Logger LOG = LoggerFactory.getLogger(LanDoors.class);

  private final Lan lan;
  private final Devices devices;

  LanDoors(Lan lan, Devices devices) {
    this.lan = lan;
    this.devices = devices;
  }

  @Override
  public Optional<String> network(HttpServletRequest request) {
    return lan.by(request).map(Lan.Served::authority);
  }

  @Override
  public Door of(HttpServletRequest request) {
    if (lan.by(request).isEmpty()) {
      return new Door.AtTheMachine();
    }
    if (request.getAttribute(FOUND) instanceof Door found) {
      return found;
    }
    Door door = find(request);
    request.setAttribute(FOUND, door);
    return door;
  }

  private Door find(HttpServletRequest request) {
    Optional<Devices.Device> device =
        Stream.ofNullable(request.getCookies())
            .flatMap(Stream::of)
            .filter(c -> c.getName().equals(COOKIE))
            .map(Cookie::getValue)
            .findFirst()
            .flatMap(token -> devices.byToken(new Secret(token)));
    device.filter(devices::wasSeenLongAgo).ifPresent(this::seen);
    return device
        .<Door>map(d -> new Door.Paired(d.id(), d.studioId(), d.name(), d.benchOnly()))
        .orElseGet(Door.Unpaired::new);
  }

  /** No answer fails for it. */
  private void seen(Devices.Device device) {
    try {
      devices.seen(device);
    } catch (DataAccessException notNoted) {
      LOG.info("when device {} was seen is not noted this time", device.id(), notNoted);
    }
  }
}

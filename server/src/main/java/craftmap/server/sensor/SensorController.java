package craftmap.server.sensor;

import craftmap.core.measure.Decimals;
import craftmap.core.order.climate.Climate;
import craftmap.server.access.Allowed;
import craftmap.server.access.StudioRole;
import craftmap.server.bench.BenchDoc;
import craftmap.server.words.Words;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** How warm and damp it is, from the sensors. */
@RestController
@RequestMapping("/api/sensors")
class SensorController {
  private final ClimateSensors sensors;

  SensorController(ClimateSensors sensors) {
    this.sensors = sensors;
  }

  /**
   * A sensor.
   *
   * @param nowText what it reads now
   */
  record SensorView(String id, String name, String nowText) {}

  @Allowed(StudioRole.GUEST)
  @GetMapping
  List<SensorView> sensors() {
    return sensors.all().stream()
        .map(s -> new SensorView(s.id(), s.name(), text(s.now())))
        .toList();
  }

  /** The last day of one of them, hour by hour from midnight. */
  @Allowed(StudioRole.GUEST)
  @GetMapping("/{id}/day")
  List<BenchDoc.ClimateDoc> sensorDay(@PathVariable String id) {
    return BenchDoc.ClimateDoc.of(sensors.day(id));
  }

  private static String text(Climate now) {
    return Words.say(
        "sensor.now", Decimals.show(now.celsius(), 1), Decimals.show(now.dampPercent(), 0));
  }
}

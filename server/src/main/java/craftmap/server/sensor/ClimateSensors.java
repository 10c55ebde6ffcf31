package craftmap.server.sensor;

import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import java.util.List;

/** Sensors for warmth and damp. */
interface ClimateSensors {
  /**
   * Those that are there.
   *
   * @throws craftmap.core.measure.RefusedInput where they do not answer
   */
  List<Sensor> all();

  /**
   * The last day, hour by hour, of one of them.
   *
   * @throws craftmap.core.measure.RefusedInput where it does not answer, or there is none such
   */
  DayClimate day(String id);

  record Sensor(String id, String name, Climate now) {}
}

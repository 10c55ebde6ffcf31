package craftmap.server.sensor;

import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import craftmap.server.device.LoopbackDevice;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStream;
import java.time.Clock;
import java.time.LocalTime;
import java.util.List;
import org.springframework.stereotype.Component;

/**
 * The sensors that ship: three rooms of a house by the sea, the same every day. The warmest hour is
 * in the afternoon; the air is the damper the colder it is.
 */
@Component
class SimulatedSensors extends LoopbackDevice {
  private static final int WARMEST_HOUR = 15;

  /** A room: how warm in the mean, how much more at the warmest hour, how damp in the mean. */
  private record Place(String id, String name, double celsius, double swing, double damp) {
    Climate at(int hour) {
      double day = Math.cos(2 * Math.PI * (hour - WARMEST_HOUR) / DayClimate.HOURS);
      return new Climate(tenth(celsius + swing * day), tenth(damp - 2.4 * swing * day));
    }
  }

  private static final List<Place> PLACES =
      List.of(
          new Place("workroom", "Workroom shelf", 18.4, 2.3, 57),
          new Place("kitchen", "Kitchen, by the stove", 21.6, 1.2, 49),
          new Place("porch", "Porch", 11.7, 4.1, 71));

  private final Clock clock;

  SimulatedSensors(Clock clock) {
    super("simulated sensors");
    this.clock = clock;
  }

  private static double tenth(double figure) {
    return Math.round(figure * 10) / 10.0;
  }

  @Override
  protected void answer(String line, InputStream in, BufferedWriter out) throws IOException {
    if (line.equals("SENSORS")) {
      int hour = LocalTime.now(clock).getHour();
      for (Place p : PLACES) {
        Climate now = p.at(hour);
        say(out, "SENSOR %s %.1f %.1f %s", p.id(), now.celsius(), now.dampPercent(), p.name());
      }
      say(out, "END");
      return;
    }
    for (Place p : PLACES) {
      if (line.equals("DAY " + p.id())) {
        for (int h = 0; h < DayClimate.HOURS; h++) {
          say(out, "HOUR %d %.1f %.1f", h, p.at(h).celsius(), p.at(h).dampPercent());
        }
        say(out, "END");
        return;
      }
    }
    say(out, "REFUSED %s", line);
  }
}

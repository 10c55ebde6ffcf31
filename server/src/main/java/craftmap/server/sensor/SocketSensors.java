package craftmap.server.sensor;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.order.climate.Climate;
import craftmap.core.order.climate.DayClimate;
import craftmap.server.device.DeviceLine;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** Asks the sensors over a socket. */
@Component
class SocketSensors implements ClimateSensors {
  private static final String FIGURE = "(-?\\d{1,3}(?:\\.\\d+)?)";
  private static final Pattern SENSOR =
      Pattern.compile("SENSOR (\\S+) " + FIGURE + " " + FIGURE + " (.+)");
  private static final Pattern HOUR = Pattern.compile("HOUR (\\d{1,2}) " + FIGURE + " " + FIGURE);
  private static final Pattern ID = Pattern.compile("[A-Za-z0-9_-]{1,40}");

  private final SimulatedSensors simulated;

  SocketSensors(SimulatedSensors simulated) {
    this.simulated = simulated;
  }

  @Override
  public List<Sensor> all() {
    List<Sensor> all = new ArrayList<>();
    for (String line : ask("SENSORS")) {
      Matcher sensor = SENSOR.matcher(line);
      if (!sensor.matches()) {
        throw silent();
      }
      all.add(
          new Sensor(sensor.group(1), sensor.group(4), climate(sensor.group(2), sensor.group(3))));
    }
    return all;
  }

  @Override
  public DayClimate day(String id) {
    if (!ID.matcher(id).matches()) {
      throw unknown(id);
    }
    Climate[] hours = new Climate[DayClimate.HOURS];
    for (String line : ask("DAY " + id)) {
      Matcher hour = HOUR.matcher(line);
      int h = hour.matches() ? Integer.parseInt(hour.group(1)) : DayClimate.HOURS;
      if (h >= DayClimate.HOURS) {
        throw line.startsWith("REFUSED") ? unknown(id) : silent();
      }
      hours[h] = climate(hour.group(2), hour.group(3));
    }
    for (Climate hour : hours) {
      if (hour == null) {
        throw silent();
      }
    }
    return new DayClimate(List.of(hours));
  }

  private static Climate climate(String celsius, String damp) {
    return new Climate(Double.parseDouble(celsius), Double.parseDouble(damp));
  }

  /** What is answered before the end; what is refused is the only line. */
  private List<String> ask(String question) {
    List<String> lines = new ArrayList<>();
    try (DeviceLine line = DeviceLine.to(simulated.address())) {
      line.say(question);
      for (String said = line.answer(); !said.equals("END"); said = line.answer()) {
        lines.add(said);
        if (said.startsWith("REFUSED")) {
          break;
        }
      }
      return lines;
    } catch (IOException e) {
      throw silent();
    }
  }

  private static RefusedInput unknown(String id) {
    return new RefusedInput("sensor", given(id), said("is-unknown"), said("one-of-the-sensors"));
  }

  private static RefusedInput silent() {
    return new RefusedInput(
        "sensor",
        given(""),
        said("does-not-answer"),
        said("one-that-is-switched-on-and-connected"));
  }
}

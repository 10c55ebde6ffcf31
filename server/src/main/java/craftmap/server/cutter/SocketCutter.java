package craftmap.server.cutter;

import static craftmap.core.measure.Figure.given;
import static craftmap.core.measure.Figure.said;

import craftmap.core.measure.RefusedInput;
import craftmap.core.plane.Point;
import craftmap.server.device.DeviceLine;
import craftmap.server.jobs.JobWorker;
import craftmap.server.words.Words;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.stereotype.Component;

/** Speaks with a cutter over a socket. */
@Component
class SocketCutter implements Cutter {
  private static final Pattern READY = Pattern.compile("READY (\\S+) (\\S+) (.+)");

  private final SimulatedCutter simulated;

  SocketCutter(SimulatedCutter simulated) {
    this.simulated = simulated;
  }

  @Override
  public State state() {
    try (DeviceLine line = DeviceLine.to(simulated.address())) {
      line.say("STATE");
      Matcher ready = READY.matcher(line.answer());
      if (!ready.matches()) {
        throw silent();
      }
      return new State(
          ready.group(3), Double.parseDouble(ready.group(1)), Double.parseDouble(ready.group(2)));
    } catch (IOException e) {
      throw silent();
    }
  }

  @Override
  public Run cut(String plotterFile, JobWorker.Progress progress) {
    byte[] bytes = plotterFile.getBytes(StandardCharsets.UTF_8);
    try (DeviceLine line = DeviceLine.to(simulated.address())) {
      line.say("CUT " + bytes.length);
      line.send(bytes);
      String[] first = line.answer().split(" ");
      return switch (first[0]) {
        case "ACCEPTED" -> run(first, line, progress);
        case "REFUSED" -> throw refused(first);
        default -> throw silent();
      };
    } catch (IOException e) {
      throw silent();
    }
  }

  private static Run run(String[] accepted, DeviceLine line, JobWorker.Progress progress)
      throws IOException {
    int count = Integer.parseInt(accepted[1]);
    List<Stroke> strokes = new ArrayList<>();
    for (String said = line.answer(); said.startsWith("STROKE "); said = line.answer()) {
      strokes.add(stroke(said.split(" ")));
      progress.mustGoOn(strokes.size() / (double) count);
    }
    return new Run(
        Double.parseDouble(accepted[2]),
        Integer.parseInt(accepted[3]),
        Double.parseDouble(accepted[4]),
        Double.parseDouble(accepted[5]),
        strokes);
  }

  private static Stroke stroke(String[] words) {
    List<Point> points = new ArrayList<>();
    for (int i = 3; i < words.length; i++) {
      String[] xy = words[i].split(",");
      points.add(new Point(Double.parseDouble(xy[0]), Double.parseDouble(xy[1])));
    }
    return new Stroke(Double.parseDouble(words[1]), Double.parseDouble(words[2]), points);
  }

  private static RefusedInput refused(String[] words) {
    Refusal.Code code = Refusal.Code.valueOf(words[1]);
    String which = words.length > 2 ? words[2] : "";
    String far = words.length > 3 ? Words.fineMm(Double.parseDouble(words[3])) : "";
    return new RefusedInput(
        given(Words.say("cutter.file")),
        given(Words.say("cutter.where." + code, which)),
        given(Words.say("cutter.refused." + code, far)),
        given(Words.say("cutter.accepted." + code, which)));
  }

  private static RefusedInput silent() {
    return new RefusedInput(
        "cutter",
        given(""),
        said("does-not-answer"),
        said("one-that-is-switched-on-and-connected"));
  }
}

package craftmap.server.cutter;

import craftmap.server.device.LoopbackDevice;
import java.io.BufferedWriter;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import org.springframework.stereotype.Component;

/**
 * The cutter that ships: listens on a loopback socket, takes plotter files, refuses what a real one
 * would, and tells when it would cut what.
 */
@Component
class SimulatedCutter extends LoopbackDevice {
  static final String NAME = "Simulated cutter";
  static final double MAT_WIDTH_MM = 297;
  static final double MAT_LENGTH_MM = 420;

  private static final int MOST_BYTES = 4_000_000;

  SimulatedCutter() {
    super("simulated cutter");
  }

  @Override
  protected void answer(String line, InputStream in, BufferedWriter out) throws IOException {
    if (line.equals("STATE")) {
      say(out, "READY %s %s %s", MAT_WIDTH_MM, MAT_LENGTH_MM, NAME);
    } else if (line.matches("CUT \\d{1,9}")) {
      cut(in, Integer.parseInt(line.substring(4)), out);
    } else {
      say(out, "REFUSED %s %s", Refusal.Code.UNREADABLE, "line");
    }
  }

  private static void cut(InputStream in, int bytes, BufferedWriter out) throws IOException {
    try {
      if (bytes > MOST_BYTES) {
        throw new Refusal(Refusal.Code.TOO_LONG, "" + MOST_BYTES);
      }
      String file = new String(in.readNBytes(bytes), StandardCharsets.UTF_8);
      BladeRun run = BladeRun.of(PlotterReader.read(file), MAT_WIDTH_MM, MAT_LENGTH_MM);
      say(
          out,
          "ACCEPTED %d %.3f %d %.3f %.3f",
          run.strokes().size(),
          run.seconds(),
          run.lifts(),
          run.cutMm(),
          run.travelMm());
      for (BladeRun.Stroke stroke : run.strokes()) {
        StringBuilder points = new StringBuilder();
        for (PlotterReader.Step s : stroke.steps()) {
          points.append(' ').append(BladeRun.mm(s.x())).append(',').append(BladeRun.mm(s.y()));
        }
        say(out, "STROKE %.3f %.3f%s", stroke.fromSeconds(), stroke.untilSeconds(), points);
      }
      say(out, "DONE");
    } catch (Refusal refusal) {
      say(out, "REFUSED %s %s", refusal.code(), String.join(" ", refusal.details()));
    }
  }
}

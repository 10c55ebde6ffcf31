package craftmap.server.cutter;

import java.util.ArrayList;
import java.util.List;

/** Reads a plotter file as a cutter does: which lines the blade draws while it is down. */
final class PlotterReader {
  private static final int LONGEST_SHOWN = 12;

  private final List<List<Step>> lines = new ArrayList<>();
  private List<Step> line = List.of();
  private Step at = new Step(0, 0);
  private boolean down;
  private boolean relative;

  private PlotterReader() {}

  /** Where the blade is, in steps from the mat's bottom left corner. */
  record Step(long x, long y) {}

  /** The lines in their order, each with all its points. */
  static List<List<Step>> read(String file) throws Refusal {
    PlotterReader reader = new PlotterReader();
    for (String instruction : file.split(";")) {
      String plain = instruction.strip();
      if (!plain.isEmpty()) {
        reader.take(plain);
      }
    }
    reader.raise();
    return reader.lines;
  }

  private void take(String instruction) throws Refusal {
    String name = instruction.length() < 2 ? instruction : instruction.substring(0, 2);
    String rest = instruction.substring(name.length()).strip();
    switch (name) {
      case "IN" -> {
        raise();
        relative = false;
        at = new Step(0, 0);
      }
      case "PA" -> {
        relative = false;
        move(rest, instruction);
      }
      case "PR" -> {
        relative = true;
        move(rest, instruction);
      }
      case "PU" -> {
        raise();
        move(rest, instruction);
      }
      case "PD" -> {
        lower();
        move(rest, instruction);
      }
      // which blade, how fast and how hard is set on the machine
      case "SP", "VS", "FS" -> numbers(rest, instruction);
      default -> throw unreadable(instruction);
    }
  }

  private void lower() {
    if (!down) {
      down = true;
      line = new ArrayList<>(List.of(at));
    }
  }

  private void raise() {
    if (down) {
      lines.add(line);
      down = false;
    }
  }

  private void move(String coordinates, String instruction) throws Refusal {
    List<Long> n = numbers(coordinates, instruction);
    if (n.size() % 2 != 0) {
      throw unreadable(instruction);
    }
    for (int i = 0; i < n.size(); i += 2) {
      at =
          relative
              ? new Step(at.x() + n.get(i), at.y() + n.get(i + 1))
              : new Step(n.get(i), n.get(i + 1));
      if (down) {
        line.add(at);
      }
    }
  }

  private static List<Long> numbers(String text, String instruction) throws Refusal {
    List<Long> numbers = new ArrayList<>();
    if (text.isEmpty()) {
      return numbers;
    }
    for (String number : text.split("\\s*,\\s*|\\s+")) {
      try {
        numbers.add((long) Integer.parseInt(number));
      } catch (NumberFormatException e) {
        throw unreadable(instruction);
      }
    }
    return numbers;
  }

  private static Refusal unreadable(String instruction) {
    return new Refusal(
        Refusal.Code.UNREADABLE,
        instruction
            .substring(0, Math.min(LONGEST_SHOWN, instruction.length()))
            .replaceAll("\\s", "_"));
  }
}

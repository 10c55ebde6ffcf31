package craftmap.core.measure;

import static craftmap.core.measure.Figure.said;

import java.util.List;
import java.util.stream.Collectors;

/**
 * Input that the core does not accept: which fields, what stood there, what is wrong with it, and
 * what would be accepted. Words for a person are made where it is shown; the message of this
 * exception is for logs and tests.
 */
public final class RefusedInput extends IllegalArgumentException {
  private final transient List<Fault> faults;

  /**
   * One thing that is wrong.
   *
   * @param field what the field is called
   * @param value what stood there
   * @param fault what is wrong with it: "Width (40 m) …"
   * @param accepted what would be accepted: "Give …"
   */
  public record Fault(Figure field, Figure value, Figure fault, Figure accepted) {
    @Override
    public String toString() {
      return field + " (" + value + "): " + fault + "; accepted: " + accepted;
    }
  }

  /** One thing is wrong. */
  public RefusedInput(Figure field, Figure value, Figure fault, Figure accepted) {
    this(List.of(new Fault(field, value, fault, accepted)));
  }

  /** Of a field whose name has no figures in it. */
  public RefusedInput(String field, Figure value, Figure fault, Figure accepted) {
    this(said(field), value, fault, accepted);
  }

  RefusedInput(List<Fault> faults) {
    super(faults.stream().map(Fault::toString).collect(Collectors.joining("\n")));
    this.faults = List.copyOf(faults);
  }

  /** Everything that is wrong, in the order in which it was found. */
  public List<Fault> faults() {
    return faults;
  }

  /** The field of the first of them: its code, or its name as it was given. */
  public String field() {
    return faults.getFirst().field() instanceof Figure.Said field
        ? field.code()
        : faults.getFirst().field().toString();
  }

  /** What is wrong with the first of them, by its code. */
  public String fault() {
    return faults.getFirst().fault() instanceof Figure.Said fault
        ? fault.code()
        : faults.getFirst().fault().toString();
  }
}

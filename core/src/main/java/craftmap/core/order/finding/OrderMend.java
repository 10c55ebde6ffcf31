package craftmap.core.order.finding;

/** What ends a finding about a schedule, by the steps' ids. */
public sealed interface OrderMend {
  /** A step is done in parts. */
  record InParts(String stepId, int parts) implements OrderMend {}

  /** A step is fixed to a minute from the schedule's beginning. */
  record BeginAt(String stepId, int minute) implements OrderMend {}

  /** A step is begun as soon as it goes. */
  record LeaveOpen(String stepId) implements OrderMend {}

  /** What was done is done again. */
  record DoAgain(String stepId) implements OrderMend {}

  /** What is left is planned from now on. */
  record FromNow() implements OrderMend {}

  /** One need not come before another any more. */
  record LeaveOrderOpen(String first, String next) implements OrderMend {}
}

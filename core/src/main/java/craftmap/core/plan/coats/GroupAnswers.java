package craftmap.core.plan.coats;

import craftmap.core.coats.Group;
import craftmap.core.coats.GroupReading;
import craftmap.core.coats.reading.GroupReader;
import java.util.Objects;
import java.util.function.Supplier;

/**
 * What groups came to, by all that it follows from. A lay that takes as much as before, wherever it
 * lies, leaves its group what it was, and any lay leaves the other groups: whoever reads coats time
 * and again keeps them, and works out only those that are others.
 */
@FunctionalInterface
public interface GroupAnswers {
  /** Keeps nothing. */
  GroupAnswers NONE = (asked, work) -> work.get();

  /** What the very same came to, or what it comes to now. */
  GroupReading of(Asked asked, Supplier<GroupReading> work);

  /** A group, and all that it is worked out by. */
  record Asked(GroupReader reader, Group group) {
    GroupReading read() {
      return reader.read(group);
    }

    /** Of what is cheap to tell apart: the shelf and designs are looked at last. */
    @Override
    public int hashCode() {
      return Objects.hash(group, reader.surface(), reader.habits(), reader.lays().size());
    }
  }
}

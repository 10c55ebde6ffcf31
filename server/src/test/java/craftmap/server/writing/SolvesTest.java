package craftmap.server.writing;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.domain.JavaModifier;
import craftmap.core.finding.Mends;
import craftmap.core.plan.cutting.DesignCut;
import craftmap.core.plan.edit.PlanEdit;
import craftmap.core.plan.reading.PlanReader;
import craftmap.server.ServerClasses;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** No connection to the database waits while something is worked out. */
class SolvesTest {
  /** What may take its time. */
  private static final Set<String> SOLVERS =
      Set.of(
          PlanReader.class.getName() + ".read",
          PlanReader.class.getName() + ".of",
          DesignCut.class.getName() + ".of",
          Mends.class.getName() + ".of",
          PlanEdit.class.getName() + ".all");

  private static boolean solvesItself(JavaMethod method) {
    return method.getMethodCallsFromSelf().stream()
        .map(JavaMethodCall::getTarget)
        .anyMatch(t -> SOLVERS.contains(t.getOwner().getName() + "." + t.getName()));
  }

  /** Whether it solves something itself, or by a private method of its own. */
  private static boolean solves(JavaMethod method) {
    return solvesItself(method)
        || method.getMethodCallsFromSelf().stream()
            .flatMap(c -> c.getTarget().resolveMember().stream())
            .filter(m -> m.getOwner().equals(method.getOwner()))
            .filter(m -> m.getModifiers().contains(JavaModifier.PRIVATE))
            .anyMatch(SolvesTest::solvesItself);
  }

  /** The transaction that a call of it from outside begins, if any. */
  private static Transactional declared(JavaMethod method) {
    var reflected = method.reflect();
    Transactional own = AnnotatedElementUtils.findMergedAnnotation(reflected, Transactional.class);
    return own != null
        ? own
        : AnnotatedElementUtils.findMergedAnnotation(
            reflected.getDeclaringClass(), Transactional.class);
  }

  @Test
  void whatIsWorkedOutBeginsNoTransaction() {
    List<String> solving = new ArrayList<>();
    List<String> within = new ArrayList<>();
    ServerClasses.ALL.stream()
        .flatMap(c -> c.getMethods().stream())
        .filter(m -> !m.getModifiers().contains(JavaModifier.PRIVATE))
        .filter(SolvesTest::solves)
        .forEach(
            method -> {
              solving.add(method.getFullName());
              Transactional begins = declared(method);
              if (begins != null && begins.propagation() != Propagation.SUPPORTS) {
                within.add(method.getFullName());
              }
            });
    assertThat(solving).hasSizeGreaterThanOrEqualTo(5);
    assertThat(within).isEmpty();
  }
}

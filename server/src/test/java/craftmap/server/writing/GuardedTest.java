package craftmap.server.writing;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.domain.JavaMethodCall;
import craftmap.server.ServerClasses;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.RestController;

/**
 * Whoever asks over HTTP may meet others at the same place: what they change is done again then.
 */
class GuardedTest {
  private static boolean changesUnguarded(JavaMethod method) {
    var reflected = method.reflect();
    Transactional begins =
        Optional.ofNullable(
                AnnotatedElementUtils.findMergedAnnotation(reflected, Transactional.class))
            .orElseGet(
                () ->
                    AnnotatedElementUtils.findMergedAnnotation(
                        reflected.getDeclaringClass(), Transactional.class));
    boolean guarded =
        AnnotatedElementUtils.hasAnnotation(reflected, Guarded.class)
            || AnnotatedElementUtils.hasAnnotation(reflected.getDeclaringClass(), Guarded.class);
    return begins != null && !begins.readOnly() && !guarded;
  }

  @Test
  void whatAPageChangesIsGuarded() {
    Set<JavaMethod> asked =
        ServerClasses.ALL.stream()
            .filter(c -> c.isAnnotatedWith(RestController.class))
            .flatMap(c -> c.getMethodCallsFromSelf().stream())
            .map(JavaMethodCall::getTarget)
            .flatMap(t -> t.resolveMember().stream())
            .map(JavaMethod.class::cast)
            .filter(m -> m.getOwner().getPackageName().startsWith("craftmap.server"))
            .collect(Collectors.toSet());
    assertThat(asked).hasSizeGreaterThan(200);
    Set<String> unguarded =
        asked.stream()
            .filter(GuardedTest::changesUnguarded)
            .map(JavaMethod::getFullName)
            .collect(Collectors.toCollection(TreeSet::new));
    assertThat(unguarded).isEmpty();
  }
}

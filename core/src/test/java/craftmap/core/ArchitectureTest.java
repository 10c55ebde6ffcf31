package craftmap.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.google.ortools.sat.CpModel;
import com.google.ortools.sat.CpSolver;
import com.google.ortools.sat.CpSolverSolutionCallback;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import craftmap.core.lay.rule.RuleKind;
import craftmap.core.solver.Solvers;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
  private static final JavaClasses CORE =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("craftmap.core");

  @Test
  void theCoreKnowsNoFrameworkNoStoreNoJsonAndNoScreen() {
    noClasses()
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage(
            "org.springframework..",
            "jakarta..",
            "javax.sql..",
            "java.sql..",
            "org.hibernate..",
            "com.fasterxml..",
            "tools.jackson..",
            "javax.swing..",
            "java.net.http..")
        .because("the core decides and the rest shows")
        .check(CORE);
  }

  @Test
  void theCoreHasNoClockAndNoRandomnessOfItsOwn() {
    noClasses()
        .should()
        .callMethod(System.class, "currentTimeMillis")
        .orShould()
        .callMethod(java.time.Instant.class, "now")
        .orShould()
        .callMethod(Math.class, "random")
        .check(CORE);
  }

  @Test
  void everySolverWaitsForItsTurn() {
    noClasses()
        .that()
        .doNotBelongToAnyOf(Solvers.class)
        .should()
        .callMethod(CpSolver.class, "solve", CpModel.class)
        .orShould()
        .callMethod(CpSolver.class, "solve", CpModel.class, CpSolverSolutionCallback.class)
        .because("what it takes outside of Java's memory is bounded by how many work at once")
        .check(CORE);
  }

  @Test
  void packagesFormNoCycle() {
    slices().matching("craftmap.core.(*)..").should().beFreeOfCycles().check(CORE);
  }

  /** Also between what lies within one package of the first level. */
  @Test
  void packagesWithinPackagesFormNoCycle() {
    slices()
        .matching("craftmap.core.(**)")
        .should()
        .beFreeOfCycles()
        // the kinds of rule name all of them, as the sealed rules do: each has to be answered for
        .ignoreDependency(
            JavaClass.Predicates.equivalentTo(RuleKind.class),
            JavaClass.Predicates.resideInAPackage("craftmap.core.lay.rule.*"))
        .check(CORE);
  }
}

package craftmap.server;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;

/** All that the server is made of, read once for all tests of how it is built. */
public final class ServerClasses {
  public static final JavaClasses ALL =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("craftmap.server");

  private ServerClasses() {}
}

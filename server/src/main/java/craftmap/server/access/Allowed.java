package craftmap.server.access;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The least that one has to be to ask this. Every operation says it: the server does not start with
 * one that does not.
 */
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.METHOD)
public @interface Allowed {
  StudioRole value();

  /** Whether a paired device may ask this that is for the bench alone. */
  boolean atTheBench() default false;

  /** Whether it is answered over the studio's own network before a device is paired. */
  boolean unpaired() default false;
}

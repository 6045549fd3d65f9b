package org.evenlobe.server.access;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/**
 * The role that an endpoint below a household needs. Without it, reading needs {@link Role#VIEWER}
 * and everything else {@link Role#CARER}.
 */
@Target(ElementType.METHOD)
@Retention(RetentionPolicy.RUNTIME)
public @interface Needs {
  Role value();
}

package org.mildlantern.app.units;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.mildlantern.core.words.Units;

/** A metric figure that is shown and typed in the keeper's units. */
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.METHOD})
@Retention(RetentionPolicy.RUNTIME)
public @interface InUnits {
  Units.Measure value();
}

package lectulum.design;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;

/// A part of the design that means nothing with one number wrong: half a reading is no reading. It is left out whole,
/// where other numbers are replaced by the nearest that makes sense.
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.TYPE)
public @interface Whole {
    /// What it is called in a sentence.
    String value();
}

package lectulum.design;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import lectulum.units.Quantity;

/// What a number of the design is called, what it measures and between which values it makes sense, said once: checks,
/// fields and the description of the file read it here, by [Meaning].
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Means {
    /// What it is called on a card and in a sentence.
    String value();

    Quantity of() default Quantity.LENGTH;

    /// Least that makes sense, SI.
    double low() default 0;

    /// Most that makes sense, SI.
    double high() default 5;

    /// What else a reader of the file should know.
    String says() default "";
}

package lectulum.design;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import lectulum.units.Quantity;

/// What a number of a [Feature] is called, what it measures and between which values it makes sense, said once: cards,
/// files and checks all read it here.
@Retention(RetentionPolicy.RUNTIME)
@Target(ElementType.RECORD_COMPONENT)
public @interface Means {
    String value();

    Quantity of() default Quantity.LENGTH;

    /// Least that makes sense, SI.
    double low() default 0;

    /// Most that makes sense, SI.
    double high() default 5;
}

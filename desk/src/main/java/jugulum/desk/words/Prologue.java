package jugulum.desk.words;

import java.lang.annotation.ElementType;
import java.lang.annotation.Target;

/**
 * A field the constructor sets before it calls super(), so that the initialisers of the other
 * fields can use it. The checker of nulls does not know this order yet and is told by this.
 */
@Target(ElementType.FIELD)
public @interface Prologue {}

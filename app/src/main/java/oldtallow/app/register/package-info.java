/**
 * Which rigs, axles and wheel ends there are, what each is made of and what is fitted; the figures, sequences and tools a
 * workshop goes by.
 */
@NullMarked
package oldtallow.app.register;

import org.jspecify.annotations.NullMarked;

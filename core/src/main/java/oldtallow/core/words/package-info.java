/**
 * Sentences a user reads that are composed of what the core found: one home, so that they can be read through, and translated, in
 * one place. What a constant is called stands with the constant; steps, cautions and checks stand where the job is planned.
 */
@NullMarked
package oldtallow.core.words;

import org.jspecify.annotations.NullMarked;

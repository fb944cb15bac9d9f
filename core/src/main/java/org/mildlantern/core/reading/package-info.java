/**
 * Reads what people type: numbers with their units, days and clock times.
 *
 * <p>A {@link org.mildlantern.core.reading.Line} is cut into parts once; whoever knows a unit
 * claims the parts that bear it, and what nobody claimed can be told. A figure that could be read
 * in two ways is asked, never guessed: such a claim throws an {@link
 * java.lang.IllegalArgumentException} with a question for the keeper.
 */
package org.mildlantern.core.reading;

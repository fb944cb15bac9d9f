/**
 * What a diagnosis may know of a plant beyond what was marked: the port through which features say
 * what their records hold.
 *
 * <p>It reads the plant, its place and its day book itself. A feature that knows more implements
 * {@link org.mildlantern.app.records.RecordSource}; each field of the knowledge has one source,
 * which is checked at the start.
 */
@org.springframework.modulith.ApplicationModule(displayName = "Records")
package org.mildlantern.app.records;

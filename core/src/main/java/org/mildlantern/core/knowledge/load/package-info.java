/**
 * Reads folders of YAML entries: each is checked against its JSON Schema, every fault names file,
 * line, entry and field, once.
 *
 * <p>It knows no kind of entry; {@link org.mildlantern.core.knowledge} names them.
 */
package org.mildlantern.core.knowledge.load;

/**
 * What is known about plants, as data: growth forms, signs, checks, causes, changes, media, taxa.
 *
 * <p>{@link org.mildlantern.core.knowledge.Knowledge#load()} reads the YAML files under {@code
 * knowledge/}, checks them against their JSON Schema and for dangling references, and hands out
 * immutable values.
 */
package org.mildlantern.core.knowledge;

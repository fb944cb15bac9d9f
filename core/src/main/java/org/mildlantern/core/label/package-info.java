/** What labels of products print about how much to take, read and said again in plain units. */
package org.mildlantern.core.label;

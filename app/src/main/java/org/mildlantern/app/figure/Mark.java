package org.mildlantern.app.figure;

import org.mildlantern.core.knowledge.Node;

/** A sign that is present and shall be seen on the figure. */
public record Mark(Node node) {}

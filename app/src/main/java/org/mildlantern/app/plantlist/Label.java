package org.mildlantern.app.plantlist;

import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Square;

/** A label to print and stick into a pot, with a square that leads to the page of its plant. */
record Label(PlantView plant, Square square) {}

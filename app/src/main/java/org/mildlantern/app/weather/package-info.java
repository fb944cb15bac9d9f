/** The days ahead as a weather service expects them, and what they mean for plants. */
package org.mildlantern.app.weather;

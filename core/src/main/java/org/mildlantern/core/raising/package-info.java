/** New plants: what works for which kind, when a piece is ready, and what takes. */
package org.mildlantern.core.raising;

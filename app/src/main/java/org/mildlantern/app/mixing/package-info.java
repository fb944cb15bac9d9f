/** The cabinet of products with their label rates, and what is mixed from it. */
package org.mildlantern.app.mixing;

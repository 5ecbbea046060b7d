/** Vinyl behind glass: reversed, what is seen first laid first. */
package jurren.core.way.behindglass;

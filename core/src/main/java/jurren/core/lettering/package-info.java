/**
 * Words turned into outlines: the shipped typefaces, and glyph layout with kerning and joining
 * ligatures. Needs fonts from {@code java.desktop}, no window. The first layout of a process loads the
 * font machinery, which takes seconds: {@link jurren.core.lettering.Typefaces#warm()} does it early.
 */
package jurren.core.lettering;

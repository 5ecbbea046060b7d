/** The look: fonts, colours, texts, and the small controls that all benches share. */
package jurren.app.theme;

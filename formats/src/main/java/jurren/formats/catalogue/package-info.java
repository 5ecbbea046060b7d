/**
 * The built-in shop: blanks, materials, machines and prices as JSON files that ship with the
 * application. Documented in docs/catalogue.md; checked on load by the values they become.
 */
package jurren.formats.catalogue;

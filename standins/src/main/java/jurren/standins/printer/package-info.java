/** A printer that puts a written page on paper and says where which ink lies; its reading of PDF is its own. */
package jurren.standins.printer;

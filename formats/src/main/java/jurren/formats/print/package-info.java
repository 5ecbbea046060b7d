/** What is printed or shown to a customer: the ticket as PDF and the proof as PNG. */
package jurren.formats.print;

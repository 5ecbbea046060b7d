/** The invented job that ships with the application. */
package jurren.formats.demo;

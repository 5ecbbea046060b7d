/** Files written whole or not at all. */
package jurren.formats.files;

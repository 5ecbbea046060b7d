/** Pictures in, of every usual kind, the right way up and with the size their tags give them; PNG out. */
package jurren.formats.picture;

/** Open formats in and out, and the words in which plans are told to people. */
package jurren.formats;

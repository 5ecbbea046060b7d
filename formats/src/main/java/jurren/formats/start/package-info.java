/**
 * Starts: finished arrangements of motifs made from a few entries. A start is data, a list of motifs as
 * in a job file in which some values are entries; docs/starts.md describes the file.
 */
package jurren.formats.start;

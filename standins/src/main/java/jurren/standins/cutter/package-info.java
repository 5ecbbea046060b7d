/**
 * A stand-in for a networked cutter: it takes HPGL on a raw socket, reads it with its own parser, cuts
 * at a chosen multiple of real speed, and answers how far it is. It can be told to fail in mid-cut.
 *
 * <p>Besides HPGL it understands the escape commands that plotters share: {@code ESC.A} tells what it
 * is, {@code ESC.K} drops what is left to cut. Ours are {@code ESC.P} (pause), {@code ESC.C} (carry
 * on) and {@code ESC.S} (status), each ended by a colon. A status line reads
 * {@code state;finished paths;cut mm;x mm;y mm} and ends with a newline; it is also sent, unasked,
 * after every finished path.
 */
package jurren.standins.cutter;

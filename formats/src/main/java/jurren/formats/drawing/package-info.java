/**
 * What every drawing file comes to: closed shapes of one colour each, at true size, and what a person
 * should know about them. The readers of each format use it.
 */
package jurren.formats.drawing;

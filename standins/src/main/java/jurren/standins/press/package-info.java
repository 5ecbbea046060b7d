/** The simulated press: takes written steps and says what came out. */
package jurren.standins.press;

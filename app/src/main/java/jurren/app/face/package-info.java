/** Drawing in millimetres on a canvas that zooms and pans; what the benches' own pictures share. */
package jurren.app.face;

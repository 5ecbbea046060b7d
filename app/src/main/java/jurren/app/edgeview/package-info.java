/** The cross-section of the piece along a line that the person drags across the art. */
package jurren.app.edgeview;

/** What hangs and lies on the shop's shelf: looked at, measured, added and thrown away. */
package jurren.app.shelf;

/** My shop: what hangs here, runs here and costs here, looked at and changed. */
package jurren.app.shop;

package jurren.app.shop;

import javafx.scene.Node;
import jurren.app.session.ShopDesk;

/** One page of the shop. */
interface ShopPage {
    Node node();

    /** How the shop stands now. */
    void show(ShopDesk.State state);
}

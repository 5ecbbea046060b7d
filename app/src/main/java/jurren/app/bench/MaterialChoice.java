package jurren.app.bench;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import jurren.app.session.Session;
import jurren.app.theme.Controls;
import jurren.core.material.Material;
import jurren.core.plan.LinePlan;

/** The materials that hold on the thing, and the one it is now. */
public final class MaterialChoice {
    private MaterialChoice() {}

    public static Controls.Choice<Material> of(
            String id, String name, Session session, LinePlan plan, Material now, Consumer<Material> chosen) {
        List<Material> offered = new ArrayList<>(
                session.shop().materials().stream().filter(plan::wouldHold).toList());
        if (!offered.contains(now)) {
            offered.addFirst(now);
        }
        Controls.Choice<Material> choice = new Controls.Choice<>(id, name, offered, Material::name, chosen);
        choice.show(now);
        return choice;
    }
}

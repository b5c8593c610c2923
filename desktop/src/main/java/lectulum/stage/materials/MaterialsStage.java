package lectulum.stage.materials;

import java.util.Locale;
import javafx.scene.Node;
import lectulum.design.thing.SystemGroup;
import lectulum.parts.Form;
import lectulum.stage.StageCard;
import lectulum.stage.StageView;
import lectulum.stage.ThingCard;
import lectulum.workbench.State;
import lectulum.workbench.Workbench;

/// Materials: the masses by system, and what the shell is made of.
public final class MaterialsStage implements StageView {
    private final StageCard card;

    public MaterialsStage(Workbench bench, ThingCard thing) {
        Form sums = new Form(bench);
        sums.shown("All things", s -> s.shown("materials.mass"));
        for (SystemGroup system : SystemGroup.values()) {
            sums.shown(system.label(), s -> s.shown("materials." + system.name().toLowerCase(Locale.ROOT) + ".mass"));
        }
        sums.shown("Frame of the shell", s -> s.shown("stud.mass"));
        sums.shown("Layers of the shell", s -> s.shown("skin.mass"));
        card = new StageCard("Materials", sums,
                "Masses with empty tanks. The bare base is on the Base stage; frame and layers may be in it.", thing);
    }

    @Override
    public Node card() {
        return card.node();
    }

    @Override
    public void show(State state) {
        card.show(state);
    }
}

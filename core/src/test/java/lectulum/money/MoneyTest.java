package lectulum.money;

import static lectulum.Samples.box;
import static lectulum.Samples.many;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.OptionalDouble;
import lectulum.design.Design;
import lectulum.design.thing.Cost;
import lectulum.design.thing.SystemGroup;
import lectulum.materials.Materials;
import org.junit.jupiter.api.Test;

class MoneyTest {

    /// Base planned 2000; a bed planned 100 and paid 130; a lamp planned 100 and not bought.
    @Test
    void theForecastTakesThePaidPriceWhereThereIsOne() {
        Design d = box(thing("bed", 9, 1, 0).with(new Cost(100, OptionalDouble.of(130))), thing("lamp", 1, 2, 0));

        Money money = Money.of(d);

        assertThat(money.figures().value("money.planned")).isEqualTo(2200);
        assertThat(money.figures().value("money.paid")).isEqualTo(130);
        assertThat(money.figures().value("money.forecast")).isEqualTo(2230);
        assertThat(money.figures().value("money.left")).isEqualTo(5000 - 2230);
        assertThat(money.findings()).isEmpty();
    }

    @Test
    void aBuildOverItsBudgetIsTold() {
        Design d = box(thing("bed", 9, 1, 0).with(Cost.planned(4000)));

        assertThat(Money.of(d).findings()).singleElement()
                .satisfies(f -> assertThat(f.detail().text(lectulum.units.Style.PLAIN)).contains("Cargo and tie-down"));
        assertThat(Money.of(d.with(d.brief().withBudget(OptionalDouble.empty()))).findings()).isEmpty();
    }

    @Test
    void groupsAddUpToTheWhole() {
        Design d = many(60, 5);
        Money money = Money.of(d);

        assertThat(money.groups().stream().mapToDouble(Money.Group::forecast).sum())
                .isCloseTo(money.figures().value("money.forecast"), within(1e-9));
    }

    @Test
    void likeThingsAreOneLineOfTheBill() {
        Design d = box(thing("lamp-1", 1, 1, 0).named("Lamp"), thing("lamp-2", 1, 2, 0).named("Lamp")
                .with(new Cost(100, OptionalDouble.of(90))), thing("bed", 9, 2, 0.5).with(SystemGroup.SLEEPING));

        Materials materials = Materials.of(d);

        assertThat(materials.lines()).hasSize(2);
        assertThat(materials.lines().getFirst().name()).isEqualTo("bed");
        assertThat(materials.lines().getLast().count()).isEqualTo(2);
        assertThat(materials.lines().getLast().bought()).isEqualTo(1);
        assertThat(materials.lines().getLast().planned()).isEqualTo(200);
        assertThat(materials.figures().value("materials.mass")).isEqualTo(11);
    }
}

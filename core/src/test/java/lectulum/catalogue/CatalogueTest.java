package lectulum.catalogue;

import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.StringReader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.EnumSet;
import java.util.stream.Collectors;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Mount;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.files.OwnThings;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class CatalogueTest {
    private final Catalogue catalogue = Catalogue.shipped();

    @Test
    void coversEverySystemWithAtLeastAHundredAndFiftyThings() {
        assertThat(catalogue.things()).hasSizeGreaterThanOrEqualTo(150);
        assertThat(catalogue.things().stream().map(Thing::system).collect(Collectors.toSet()))
                .isEqualTo(EnumSet.allOf(SystemGroup.class));
        assertThat(catalogue.things()).extracting(Thing::id).doesNotHaveDuplicates();
    }

    @Test
    void everyThingHasAMassAndWhatMustHaveASizeHasOne() {
        assertThat(catalogue.things()).allSatisfy(t -> {
            assertThat(t.mass().value()).as(t.id()).isPositive().isLessThan(200);
            if (t.mount() != Mount.SPREAD) {
                assertThat(t.size().length() * t.size().width() * t.size().height()).as(t.id()).isPositive();
            }
        });
    }

    /// A tank cannot hold more than its outer box; a lithium cell bank stores 60 to 150 Wh a kilogram.
    @Test
    void storesAreWhatTheirSizeAndMassAllow() {
        assertThat(catalogue.things()).allSatisfy(t -> {
            t.tank().filter(k -> k.use() != Tank.Use.GAS && k.use() != Tank.Use.PETROL).ifPresent(
                    k -> assertThat(k.capacity()).as(t.id())
                            .isLessThanOrEqualTo(t.size().length() * t.size().width() * t.size().height()));
            t.battery().filter(b -> b.chemistry() == Battery.Chemistry.LITHIUM_IRON).ifPresent(
                    b -> assertThat(b.energy() / 3600 / t.mass().value()).as(t.id()).isBetween(60.0, 150.0));
        });
    }

    @Test
    void searchTakesWordsInAnyOrder() {
        assertThat(catalogue.search("60 tank")).extracting(Thing::id).contains("fresh-tank-60-l");
        assertThat(catalogue.search("ELECTRICAL inverter")).isNotEmpty()
                .allSatisfy(t -> assertThat(t.name()).contains("Inverter"));
        assertThat(catalogue.search("")).hasSameSizeAs(catalogue.things());
        assertThat(catalogue.search("submarine")).isEmpty();
    }

    @Test
    void ownThingsAreKeptAndCanBeReplaced(@TempDir Path folder) throws IOException {
        OwnThings own = new OwnThings(folder.resolve("own-things.csv"));

        own.keep(thing("x", 5, 1, 0).named("My crate"));
        own.keep(thing("y", 7, 1, 0).named("My crate"));

        assertThat(own.all()).singleElement().satisfies(t -> {
            assertThat(t.id()).isEqualTo("own-my-crate");
            assertThat(t.mass().value()).isEqualTo(7);
        });
        assertThat(catalogue.with(own.all()).find("own-my-crate")).isPresent();
    }

    @Test
    void aBrokenRowIsNamedByItsLine(@TempDir Path folder) throws IOException {
        Path file = folder.resolve("own-things.csv");
        String header = "id,name,system,role,mount,fix,length_mm,width_mm,height_mm,mass_kg,price,power_W,hours_per_day,"
                + "feed,battery_Wh,chemistry,tank,litres,solar_W\n";
        Files.writeString(file, header + "a,A,NOWHERE,GEAR,INSIDE,LOOSE,1,1,1,1,1,,,,,,,,\n");

        assertThatThrownBy(() -> new OwnThings(file).all()).isInstanceOf(IOException.class)
                .hasMessageContaining("line 2");
        assertThat(Catalogue.read(new StringReader(header))).isEqualTo(java.util.List.of());
    }
}

package lectulum.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.catalogue.Catalogue;
import lectulum.catalogue.FeatureList;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Cost;
import lectulum.design.thing.Load;
import lectulum.design.thing.Mass;
import lectulum.design.thing.MassSource;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.units.Units;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/// Reads where the things of a shipped camper stand from a CSV resource: catalogue id, own name, place, and what is
/// known better than the catalogue.
final class Placements {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true)
            .setTrim(true).get();

    private Placements() {
    }

    /// The design with the things of the list `name` added.
    static Design add(Design design, String name) {
        try (InputStream in = Placements.class.getResourceAsStream("/lectulum/demo/" + name + ".csv")) {
            Design filled = design;
            for (CSVRecord row : FORMAT.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                filled = filled.plus(thing(filled, row));
            }
            return filled;
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Thing thing(Design design, CSVRecord row) {
        String id = row.get("catalogue");
        Thing thing = Catalogue.shipped().find(id)
                .orElseThrow(() -> new IllegalArgumentException("no catalogue thing " + id));
        String name = row.get("name");
        thing = thing.named(name).withId(design.freeId(name))
                .with(new Placement(metres(row.get("x_mm")), metres(row.get("y_mm")), metres(row.get("z_mm")),
                        Math.toRadians(Double.parseDouble(row.get("yaw_deg")))));
        thing = elsewhere(thing, Mode.CAMP, row.get("camp"));
        thing = elsewhere(thing, Mode.NIGHT, row.get("night"));
        if (!row.get("mount").isEmpty()) {
            thing = thing.with(Mount.valueOf(row.get("mount")));
        }
        if (!row.get("mass_kg").isEmpty() || !row.get("source").isEmpty()) {
            double mass = row.get("mass_kg").isEmpty()
                    ? thing.mass().value()
                    : Double.parseDouble(row.get("mass_kg"));
            MassSource source = row.get("source").isEmpty()
                    ? MassSource.CATALOGUE
                    : MassSource.valueOf(row.get("source"));
            thing = thing.with(new Mass(mass, source, OptionalDouble.empty()));
        }
        if (!row.get("paid").isEmpty()) {
            thing = thing.with(new Cost(thing.cost().planned(),
                    OptionalDouble.of(Double.parseDouble(row.get("paid")))));
        }
        if (row.isSet("features") && !row.get("features").isEmpty()) {
            for (Feature feature : FeatureList.parse(row.get("features"))) {
                thing = thing.with(feature);
            }
        }
        if (!row.get("hours_per_day").isEmpty()) {
            Load load = thing.load().orElseThrow();
            thing = thing.with(load.withDailyRunning(Double.parseDouble(row.get("hours_per_day")) * Units.HOUR));
        }
        return thing;
    }

    private static Thing elsewhere(Thing thing, Mode mode, String place) {
        if (place.isEmpty()) {
            return thing;
        }
        if (place.equals("away")) {
            return thing.placed(mode, thing.place().away(true));
        }
        String[] p = place.split(" ");
        Placement at = new Placement(metres(p[0]), metres(p[1]), metres(p[2]),
                Math.toRadians(Double.parseDouble(p[3])));
        return thing.placed(mode, p.length > 4
                ? at.shaped(Optional.of(new Size(metres(p[4]), metres(p[5]), metres(p[6]))))
                : at);
    }

    private static double metres(String millimetres) {
        return Double.parseDouble(millimetres) / 1000;
    }
}

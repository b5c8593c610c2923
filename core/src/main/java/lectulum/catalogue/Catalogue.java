package lectulum.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Cost;
import lectulum.design.thing.DayStrip;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Load;
import lectulum.design.thing.Mass;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Role;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.units.Units;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/// Generic things to build with, and the user's own. Every shipped value is a plausible default of ours, marked as a
/// catalogue figure until it is weighed.
public final class Catalogue {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true)
            .setTrim(true).get();

    private final List<Thing> things;

    private Catalogue(List<Thing> things) {
        this.things = List.copyOf(things);
    }

    /// The things that ship with the program.
    public static Catalogue shipped() {
        return Shipped.CATALOGUE;
    }

    private static final class Shipped {
        private static final Catalogue CATALOGUE = read();

        private static Catalogue read() {
            try (InputStream in = Catalogue.class.getResourceAsStream("/lectulum/catalogue/things.csv")) {
                return new Catalogue(
                        FeatureList.on(Catalogue.read(new InputStreamReader(in, StandardCharsets.UTF_8))));
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    /// This catalogue with the user's own things put first.
    public Catalogue with(List<Thing> own) {
        List<Thing> all = new ArrayList<>(own);
        all.addAll(things);
        return new Catalogue(all);
    }

    public List<Thing> things() {
        return things;
    }

    public Optional<Thing> find(String id) {
        return things.stream().filter(t -> t.id().equals(id)).findFirst();
    }

    /// Things whose name or system holds every word that was typed, in any order; all things where nothing was typed.
    public List<Thing> search(String typed) {
        String[] words = typed.strip().toLowerCase(Locale.ROOT).split("\\s+");
        return things.stream().filter(t -> {
            String text = (t.name() + " " + t.system().label()).toLowerCase(Locale.ROOT);
            for (String word : words) {
                if (!text.contains(word)) {
                    return false;
                }
            }
            return true;
        }).toList();
    }

    /// Reads things from CSV with the header of the shipped catalogue.
    ///
    /// @throws IOException              where the text cannot be read
    /// @throws IllegalArgumentException where a row is not understood; the message names the line
    public static List<Thing> read(Reader csv) throws IOException {
        List<Thing> things = new ArrayList<>();
        for (CSVRecord row : FORMAT.parse(csv)) {
            try {
                things.add(thing(row));
            } catch (IllegalArgumentException e) {
                throw new IllegalArgumentException("line " + (row.getRecordNumber() + 1) + ": " + e.getMessage(), e);
            }
        }
        return things;
    }

    private static boolean said(CSVRecord row, String column) {
        return row.isSet(column) && !row.get(column).isEmpty();
    }

    private static Thing thing(CSVRecord row) {
        Thing thing = new Thing(row.get("id"), row.get("name"), SystemGroup.valueOf(row.get("system")),
                Role.valueOf(row.get("role")), Mount.valueOf(row.get("mount")), Fix.valueOf(row.get("fix")),
                new Size(number(row, "length_mm") / 1000, number(row, "width_mm") / 1000,
                        number(row, "height_mm") / 1000),
                new Placement(0, 0, 0, 0), Map.of(), Mass.catalogue(number(row, "mass_kg")),
                Cost.planned(number(row, "price")), Optional.empty(), Optional.empty(), Optional.empty(),
                number(row, "solar_W"), "");
        if (!row.get("power_W").isEmpty()) {
            Load load = new Load(number(row, "power_W"), number(row, "hours_per_day") * Units.HOUR,
                    Load.Feed.valueOf(row.get("feed")));
            load = said(row, "hours") ? load.with(DayStrip.parse(row.get("hours"))) : load;
            load = said(row, "when") ? load.with(Load.When.valueOf(row.get("when"))) : load;
            thing = thing.with(said(row, "standby_W") ? load.withStandby(number(row, "standby_W")) : load);
        }
        if (!row.get("battery_Wh").isEmpty()) {
            thing = thing.with(new Battery(number(row, "battery_Wh") * Units.WATT_HOUR,
                    Battery.Chemistry.valueOf(row.get("chemistry"))));
        }
        if (!row.get("tank").isEmpty()) {
            thing = thing.with(new Tank(Tank.Use.valueOf(row.get("tank")), number(row, "litres") * Units.LITRE));
        }
        if (row.isMapped("symbol")) {
            thing = thing.withSymbol(row.get("symbol"));
        }
        return row.isMapped("features") ? thing.withFeatures(FeatureList.parse(row.get("features"))) : thing;
    }

    private static double number(CSVRecord row, String column) {
        String text = row.get(column);
        return text.isEmpty() ? 0 : Double.parseDouble(text);
    }
}

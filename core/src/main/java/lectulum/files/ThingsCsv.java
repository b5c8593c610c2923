package lectulum.files;

import java.io.IOException;
import java.util.List;
import java.util.Locale;
import java.util.OptionalDouble;
import lectulum.catalogue.FeatureList;
import lectulum.design.Design;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Load;
import lectulum.design.thing.Tank;
import lectulum.design.thing.Thing;
import lectulum.units.Units;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/// Things as comma-separated text, one row a thing, the unit in the header, decimal points.
public final class ThingsCsv {
    private static final List<String> CATALOGUE = List.of("id", "name", "system", "role", "mount", "fix", "length_mm",
            "width_mm", "height_mm", "mass_kg", "price", "power_W", "hours_per_day", "feed", "battery_Wh", "chemistry",
            "tank", "litres", "solar_W", "symbol", "features", "hours",
            "when", "standby_W");
    private static final List<String> PLACED = List.of("x_mm_behind_body_front", "y_mm_right", "z_mm_above_floor",
            "yaw_deg", "mass_source", "mass_u_kg", "paid", "note");
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setRecordSeparator('\n').get();

    private ThingsCsv() {
    }

    /// Things as a catalogue that [lectulum.catalogue.Catalogue] reads back.
    public static void catalogue(List<Thing> things, Appendable out) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, FORMAT);
        printer.printRecord(CATALOGUE);
        for (Thing thing : things) {
            printer.printRecord(catalogueRow(thing));
        }
    }

    /// All things of a design with their places, prices and sources.
    public static void things(Design design, Appendable out) throws IOException {
        CSVPrinter printer = new CSVPrinter(out, FORMAT);
        List<Object> header = new java.util.ArrayList<>(CATALOGUE);
        header.addAll(PLACED);
        printer.printRecord(header);
        for (Thing thing : design.things()) {
            List<Object> row = new java.util.ArrayList<>(catalogueRow(thing));
            row.add(number(thing.place().x() * 1000));
            row.add(number(thing.place().y() * 1000));
            row.add(number(thing.place().z() * 1000));
            row.add(number(Math.toDegrees(thing.place().yaw())));
            row.add(thing.mass().source());
            row.add(number(thing.mass().standardUncertainty()));
            row.add(optional(thing.cost().paid()));
            row.add(safe(thing.note()));
            printer.printRecord(row);
        }
    }

    private static List<Object> catalogueRow(Thing t) {
        return List.of(t.id(), safe(t.name()), t.system(), t.role(), t.mount(), t.fix(),
                number(t.size().length() * 1000),
                number(t.size().width() * 1000), number(t.size().height() * 1000), number(t.mass().value()),
                number(t.cost().planned()), t.load().map(l -> number(l.power())).orElse(""),
                t.load().map(l -> number(l.dailyRunning() / Units.HOUR)).orElse(""),
                t.load().map(Load::feed).map(Enum::name).orElse(""),
                t.battery().map(b -> number(b.energy() / Units.WATT_HOUR)).orElse(""),
                t.battery().map(Battery::chemistry).map(Enum::name).orElse(""),
                t.tank().map(Tank::use).map(Enum::name).orElse(""),
                t.tank().map(k -> number(k.capacity() / Units.LITRE)).orElse(""),
                t.solar() > 0 ? number(t.solar()) : "", safe(t.symbol()), FeatureList.text(t.features()),
                t.load().map(l -> safe(l.hours())).orElse(""),
                t.load().filter(l -> l.when() != Load.When.BY_HOURS).map(l -> l.when().name()).orElse(""),
                t.load().filter(l -> l.standby() > 0).map(l -> number(l.standby())).orElse(""));
    }

    /// A name that a spreadsheet would run as a formula is kept as text.
    public static String safe(String text) {
        return text.matches("(?s)[=+@\\-].*") ? "'" + text : text;
    }

    private static String optional(OptionalDouble value) {
        return value.isPresent() ? number(value.getAsDouble()) : "";
    }

    /// Up to six decimals, no exponent, no trailing zeros.
    static String number(double value) {
        String text = String.format(Locale.ROOT, "%.6f", value);
        return text.replaceAll("0+$", "").replaceAll("\\.$", "").replaceAll("^-0$", "0");
    }
}

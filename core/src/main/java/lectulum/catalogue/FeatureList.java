package lectulum.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import lectulum.design.Feature;
import lectulum.design.Thing;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;

/// What things are good for, as text: `bed 1950 700 150; seat 2`. Lengths in mm, masses in kg, angles in degrees.
public final class FeatureList {
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT.builder().setHeader().setSkipHeaderRecord(true)
            .setCommentMarker('#').setTrim(true).get();

    private FeatureList() {
    }

    /// The things with their features.
    ///
    /// @throws IllegalArgumentException where the list names a thing or a feature that does not exist
    static List<Thing> on(List<Thing> things) throws IOException {
        Map<String, Thing> byId = new HashMap<>();
        things.forEach(t -> byId.put(t.id(), t));
        try (InputStream in = FeatureList.class.getResourceAsStream("/lectulum/catalogue/features.csv")) {
            for (CSVRecord row : FORMAT.parse(new InputStreamReader(in, StandardCharsets.UTF_8))) {
                Thing thing = byId.get(row.get("thing"));
                if (thing == null) {
                    throw new IllegalArgumentException("no catalogue thing " + row.get("thing"));
                }
                byId.put(thing.id(), thing.with(feature(row.get("feature"), row.get("values").split(" "))));
            }
        }
        return things.stream().map(t -> byId.get(t.id())).toList();
    }

    /// Reads `bed 1950 700 150; seat 2`.
    ///
    /// @throws IllegalArgumentException where a part is not understood
    static List<Feature> parse(String text) {
        return Arrays.stream(text.split(";")).map(String::strip).filter(t -> !t.isEmpty()).map(t -> {
            String[] words = t.split("\\s+");
            return feature(words[0], Arrays.copyOfRange(words, 1, words.length));
        }).toList();
    }

    /// What [#parse] reads back.
    public static String text(List<Feature> features) {
        return String.join("; ", features.stream().map(FeatureList::text).toList());
    }

    private static String text(Feature feature) {
        return switch (feature) {
            case Feature.Bed b -> join("bed", mm(b.length()), mm(b.width()), plain(b.carries()));
            case Feature.Seat s -> join("seat", s.places());
            case Feature.Opening o -> join("opening", mm(o.width()), mm(o.height()), o.leaf(), degrees(o.angle()),
                    yes(o.inside()), yes(o.barred()));
            case Feature.Door d -> join("door", d.face(), d.first() ? "first" : "last", degrees(d.angle()),
                    d.leaves());
            case Feature.Drawer d -> join("drawer", d.face(), mm(d.travel()));
            case Feature.Store s -> join("store", mm(s.length()), mm(s.width()), mm(s.height()), plain(s.carries()),
                    plain(s.fill()));
            case Feature.Packed p -> join("packed", p.way(), plain(p.uses()), yes(p.onRoad()));
            case Feature.Service s -> join("service", s.face());
            case Feature.Flame f -> "flame";
            case Feature.Timed t -> join("timed", plain(t.minutes()));
            case Feature.Lid l -> join("lid", plain(l.mass()), mm(l.centreX()), mm(l.centreZ()), mm(l.handleX()),
                    mm(l.handleZ()), degrees(l.open()), mm(l.bodyX()), mm(l.bodyZ()), mm(l.leafX()), mm(l.leafZ()),
                    l.struts(), plain(l.force()), plain(l.ratio()), mm(l.stroke()), mm(l.extended()));
        };
    }

    private static String join(Object... parts) {
        return String.join(" ", Arrays.stream(parts).map(String::valueOf).toList());
    }

    private static String yes(boolean value) {
        return value ? "yes" : "no";
    }

    private static String mm(double metres) {
        return plain(metres * 1000);
    }

    private static String degrees(double radians) {
        return plain(Math.toDegrees(radians));
    }

    private static String plain(double value) {
        return new BigDecimal(value).setScale(6, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }

    private static Feature feature(String kind, String[] v) {
        try {
            return known(kind, v);
        } catch (ArrayIndexOutOfBoundsException e) {
            throw new IllegalArgumentException("too few numbers for " + kind, e);
        }
    }

    private static Feature known(String kind, String[] v) {
        return switch (kind) {
            case "bed" -> new Feature.Bed(metres(v[0]), metres(v[1]), number(v[2]));
            case "seat" -> new Feature.Seat(Integer.parseInt(v[0]));
            case "opening" -> new Feature.Opening(metres(v[0]), metres(v[1]), Feature.Opening.Leaf.valueOf(v[2]),
                    Math.toRadians(number(v[3])), v[4].equals("yes"), v[5].equals("yes"));
            case "door" -> new Feature.Door(Feature.Face.valueOf(v[0]), v[1].equals("first"),
                    Math.toRadians(number(v[2])), Integer.parseInt(v[3]));
            case "drawer" -> new Feature.Drawer(Feature.Face.valueOf(v[0]), metres(v[1]));
            case "store" -> new Feature.Store(metres(v[0]), metres(v[1]), metres(v[2]), number(v[3]), number(v[4]));
            case "packed" -> new Feature.Packed(Feature.WayUp.valueOf(v[0]), number(v[1]), v[2].equals("yes"));
            case "service" -> new Feature.Service(Feature.Face.valueOf(v[0]));
            case "flame" -> new Feature.Flame();
            case "timed" -> new Feature.Timed(number(v[0]));
            case "lid" -> new Feature.Lid(number(v[0]), metres(v[1]), metres(v[2]), metres(v[3]), metres(v[4]),
                    Math.toRadians(number(v[5])), metres(v[6]), metres(v[7]), metres(v[8]), metres(v[9]),
                    Integer.parseInt(v[10]), number(v[11]), number(v[12]), metres(v[13]), metres(v[14]));
            default -> throw new IllegalArgumentException("no feature " + kind);
        };
    }

    private static double metres(String text) {
        return number(text) / 1000;
    }

    private static double number(String text) {
        return Double.parseDouble(text);
    }
}

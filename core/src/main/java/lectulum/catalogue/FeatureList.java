package lectulum.catalogue;

import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.design.Meaning;
import lectulum.design.feature.Feature;
import lectulum.design.feature.FeatureKind;
import lectulum.design.thing.Thing;
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
    public static List<Feature> parse(String text) {
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
        FeatureKind kind = FeatureKind.of(feature);
        return Stream.concat(Stream.of(kind.word()), kind.slots().stream().map(s -> text(s, s.get(feature))))
                .collect(Collectors.joining(" "));
    }

    private static String text(Meaning slot, Object value) {
        return switch (value) {
            case Boolean yes -> yes ? "yes" : "no";
            case Double number -> plain(number / unit(slot));
            case OptionalDouble number -> plain(number.orElse(0) / unit(slot));
            default -> String.valueOf(value);
        };
    }

    /// As data sheets say it: lengths in mm, angles in degrees, water in litres and litres a minute, air in cubic metres an
    /// hour, openings in cm², times in hours; all else as it is.
    private static double unit(Meaning slot) {
        return switch (slot.quantity()) {
            case LENGTH -> 0.001;
            case ANGLE -> Math.PI / 180;
            case VOLUME -> 1e-3;
            case WATER_FLOW -> 1e-3 / 60;
            case AIR_FLOW -> 1.0 / 3600;
            case FREE_AREA -> 1e-4;
            case DURATION -> 3600;
            default -> 1;
        };
    }

    private static String plain(double value) {
        return !Double.isFinite(value)
                ? String.valueOf(value)
                : new BigDecimal(value).setScale(6, RoundingMode.HALF_UP).stripTrailingZeros().toPlainString();
    }

    private static Feature feature(String word, String[] values) {
        FeatureKind kind = FeatureKind.all().stream().filter(k -> k.word().equals(word)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no feature " + word));
        List<Object> read = new ArrayList<>();
        for (Meaning slot : kind.slots()) {
            read.add(read.size() < values.length ? value(slot, values[read.size()]) : unsaid(word, slot));
        }
        return kind.make(read);
    }

    /// What holds where a list written before the kind had this slot says nothing.
    private static Object unsaid(String word, Meaning slot) {
        if (slot.type() == OptionalDouble.class) {
            return OptionalDouble.empty();
        }
        if (slot.low() > 0) {
            throw new IllegalArgumentException("too few values for " + word);
        }
        if (slot.type().isEnum()) {
            return null;
        }
        return slot.type() == int.class ? (Object) 0 : slot.type() == boolean.class ? (Object) false : (Object) 0.0;
    }

    private static Object value(Meaning slot, String text) {
        if (slot.type() == boolean.class) {
            return text.equals("yes");
        }
        if (slot.type() == int.class) {
            return Integer.parseInt(text);
        }
        if (slot.type() == OptionalDouble.class) {
            double number = Double.parseDouble(text) * unit(slot);
            // Lists written before what is not known was left empty hold 0 for it.
            return number > 0 ? OptionalDouble.of(number) : OptionalDouble.empty();
        }
        if (slot.type() == double.class) {
            return Double.parseDouble(text) * unit(slot);
        }
        return Arrays.stream(slot.type().getEnumConstants()).filter(c -> ((Enum<?>) c).name().equals(text)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("no " + slot.label() + " " + text));
    }
}

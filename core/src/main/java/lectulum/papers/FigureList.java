package lectulum.papers;

import java.util.Arrays;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.analysis.Disciplines;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.discipline.Discipline;
import lectulum.figures.Figure;
import lectulum.figures.Stage;

/// What every figure is: its id with the names of one camper taken out, its unit, how it is worked out and by whom, stage by stage. A figure
/// that none of the campers has is not in it.
public final class FigureList {
    private static final int TOO_LONG = 160;
    private static final String THING = "THING";
    private static final String WISH = "brief.wish.";

    private FigureList() {
    }

    /// One kind of figure.
    private record Line(String unit, String label, String formula, String source) {
    }

    /// @param campers whose figures are listed, each kind once
    public static String markdown(List<Analysis> campers) {
        Map<Stage, Map<String, Line>> stages = new LinkedHashMap<>();
        for (Stage s : Stage.values()) {
            stages.put(s, new TreeMap<>());
        }
        Set<String> sure = campers.stream().flatMap(FigureList::sure).collect(Collectors.toSet());
        for (Analysis a : campers) {
            Names names = Names.of(a.design(), sure);
            for (Discipline<?> d : Disciplines.ALL) {
                for (Figure f : a.of(d).figures().all()) {
                    stages.get(d.stage()).putIfAbsent(names.without(f), new Line(f.quantity().si(),
                            names.unnamed(f), f.working().formula(), f.working().source()));
                }
            }
        }
        StringBuilder text = new StringBuilder(
                """
                        # Figures

                        Every kind of figure that the demonstrations have, with its unit in files, its formula and its source. Written by
                        `lectulum figures`. THING, PERSON, CASE, MODE, WISH and N stand for what a camper calls its things, people, load cases, modes,
                        wishes and whatever is counted. A figure of yours is looked up with its numbers in the guide (F1), or by a click on it.
                        """);
        stages.forEach((stage, lines) -> {
            if (!lines.isEmpty()) {
                text.append("\n## ").append(stage.label())
                        .append("\n| id | unit | what | formula | source |\n|---|---|---|---|---|\n");
                lines.forEach((id, l) -> text.append(row(id, l)));
            }
        });
        return text.toString();
    }

    /// Ids that several figures of one camper have in common once its things and modes are taken out.
    private static Stream<String> sure(Analysis a) {
        Names names = Names.of(a.design(), Set.of());
        Map<String, Set<String>> alike = new HashMap<>();
        a.figures().all().forEach(f -> alike.computeIfAbsent(names.plain(names.without(f)), k -> new HashSet<>())
                .add(f.id()));
        return Stream.concat(alike.keySet().stream().filter(id -> alike.get(id).size() > 1),
                a.figures().all().stream().map(names::without).filter(id -> id.contains(THING)));
    }

    private static String row(String id, Line l) {
        return "| `" + id + "` | " + cell(l.unit) + " | " + cell(l.label) + " | " + cell(l.formula) + " | "
                + cell(l.source) + " |\n";
    }

    private static String cell(String text) {
        String one = text.replace("|", "\\|").replace("\n", " ").strip();
        return one.length() > TOO_LONG ? one.substring(0, TOO_LONG - 1) + "…" : one;
    }

    /// What a camper calls its own. A thing of one word may be called as something that figures are called by too (`hatch`), and so may a mode: it
    /// is taken out only where others stand at that place.
    ///
    /// @param sure ids with things of several words taken out
    private record Names(Map<String, String> words, Map<String, String> spoken, Set<String> cases,
            Map<String, String> plain,
            Set<String> sure) {

        static Names of(Design d, Set<String> sure) {
            Map<String, String> words = new LinkedHashMap<>();
            Map<String, String> spoken = new LinkedHashMap<>();
            Map<String, String> plain = new HashMap<>();
            d.things().forEach(t -> {
                if (t.id().contains("-")) {
                    words.put(t.id(), THING);
                } else {
                    plain.put(t.id(), THING);
                }
                spoken.put(t.name(), THING);
            });
            d.brief().people().forEach(p -> {
                words.put(p.id(), "PERSON");
                spoken.put(p.name(), "PERSON");
            });
            Arrays.stream(Mode.values()).forEach(m -> plain.put(m.name().toLowerCase(Locale.ROOT), "MODE"));
            return new Names(words, spoken, d.cases().stream().map(LoadCase::id).collect(Collectors.toSet()), plain,
                    sure);
        }

        /// Segments, and parts of a segment that names two, are looked at one by one.
        String without(Figure f) {
            if (f.id().startsWith(WISH)) {
                return WISH + "WISH" + f.id().substring(f.id().lastIndexOf('.'));
            }
            List<String> parts = Arrays.stream(f.id().split("\\.", -1))
                    .map(s -> !f.loadCase().isEmpty() && cases.contains(s) ? "CASE" : segment(s)).toList();
            String id = String.join(".", parts);
            return sure.contains(plain(id)) ? plain(id) : id;
        }

        /// With words taken out that may also be something else.
        String plain(String id) {
            return Arrays.stream(id.split("\\.", -1)).map(s -> plain.getOrDefault(s, s))
                    .collect(Collectors.joining("."));
        }

        private String segment(String s) {
            if (words.containsKey(s)) {
                return words.get(s);
            }
            if (s.contains("+")) {
                return Arrays.stream(s.split("\\+")).map(this::segment).collect(Collectors.joining("+"));
            }
            String[] two = s.split("-");
            if (two.length == 2 && "MODE".equals(plain.get(two[0])) && "MODE".equals(plain.get(two[1]))) {
                return "MODE-MODE";
            }
            return s.replaceAll("^\\d+$|(?<=-)\\d+$", "N");
        }

        /// What it is called, without the names of this camper.
        String unnamed(Figure f) {
            String now = f.label();
            if (f.id().startsWith(WISH)) {
                return "WISH" + now.substring(Math.max(0, now.lastIndexOf(", ")));
            }
            boolean ofThing = without(f).contains(THING);
            for (Map.Entry<String, String> e : spoken.entrySet()) {
                now = e.getKey().isBlank() || e.getValue().equals(THING) && !ofThing
                        ? now
                        : now.replaceAll("(?iu)(?<![\\p{L}\\p{N}])" + Pattern.quote(e.getKey()) + "(?![\\p{L}\\p{N}])",
                                e.getValue());
            }
            return now;
        }
    }
}

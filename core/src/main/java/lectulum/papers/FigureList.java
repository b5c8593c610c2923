package lectulum.papers;

import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import lectulum.analysis.Analysis;
import lectulum.analysis.Disciplines;
import lectulum.design.Design;
import lectulum.design.LoadCase;
import lectulum.design.Mode;
import lectulum.design.brief.Ability;
import lectulum.discipline.Discipline;
import lectulum.figures.Figure;
import lectulum.figures.Stage;

/// What every figure is: its id with the names of one camper taken out, its unit, how it is worked out and by whom, stage by stage. A figure
/// that none of the campers has is not in it.
public final class FigureList {
    private static final int TOO_LONG = 160;
    private static final String THING = "THING";

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
        Set<String> sure = campers.stream().flatMap(a -> {
            Names names = Names.of(a.design(), Set.of());
            return a.figures().all().stream().map(names::without).filter(id -> id.contains(THING));
        }).collect(Collectors.toSet());
        for (Analysis a : campers) {
            Names names = Names.of(a.design(), sure);
            for (Discipline<?> d : Disciplines.ALL) {
                for (Figure f : a.of(d).figures().all()) {
                    stages.get(d.stage()).putIfAbsent(names.without(f), new Line(f.quantity().si(),
                            names.unnamed(f.label()), f.working().formula(), f.working().source()));
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

    private static String row(String id, Line l) {
        return "| `" + id + "` | " + cell(l.unit) + " | " + cell(l.label) + " | " + cell(l.formula) + " | "
                + cell(l.source) + " |\n";
    }

    private static String cell(String text) {
        String one = text.replace("|", "\\|").replace("\n", " ").strip();
        return one.length() > TOO_LONG ? one.substring(0, TOO_LONG - 1) + "…" : one;
    }

    /// What a camper calls its own. A thing of one word may be called as something that figures are called by too (`hatch`): it is taken for a
    /// thing only where others stand at that place.
    ///
    /// @param sure ids with things of several words taken out
    private record Names(Map<String, String> words, Map<String, String> spoken, Set<String> cases, Set<String> plain,
            Set<String> sure) {

        static Names of(Design d, Set<String> sure) {
            Map<String, String> words = new LinkedHashMap<>();
            Map<String, String> spoken = new LinkedHashMap<>();
            Set<String> plain = new TreeSet<>();
            d.things().forEach(t -> {
                if (t.id().contains("-")) {
                    words.put(t.id(), THING);
                } else {
                    plain.add(t.id());
                }
                spoken.put(t.name(), THING);
            });
            d.brief().people().forEach(p -> {
                words.put(p.id(), "PERSON");
                spoken.put(p.name(), "PERSON");
            });
            for (Ability a : Ability.values()) {
                words.put(a.name().toLowerCase(Locale.ROOT).replace('_', '-'), "WISH");
                spoken.put(a.label(), "WISH");
            }
            Arrays.stream(Mode.values()).forEach(m -> words.put(m.name().toLowerCase(Locale.ROOT), "MODE"));
            return new Names(words, spoken, d.cases().stream().map(LoadCase::id).collect(Collectors.toSet()), plain,
                    sure);
        }

        /// Segments, and parts of a segment that names two, are looked at one by one.
        String without(Figure f) {
            List<String> parts = Arrays.stream(f.id().split("\\.", -1))
                    .map(s -> !f.loadCase().isEmpty() && cases.contains(s) ? "CASE" : segment(s)).toList();
            String id = String.join(".", parts);
            String asThing = parts.stream().map(s -> plain.contains(s) ? THING : s).collect(Collectors.joining("."));
            return sure.contains(asThing) ? asThing : id;
        }

        private String segment(String s) {
            if (words.containsKey(s)) {
                return words.get(s);
            }
            if (s.contains("+")) {
                return Arrays.stream(s.split("\\+")).map(this::segment).collect(Collectors.joining("+"));
            }
            String[] two = s.split("-");
            if (two.length == 2 && "MODE".equals(words.get(two[0])) && "MODE".equals(words.get(two[1]))) {
                return "MODE-MODE";
            }
            return s.replaceAll("(?<![A-Za-z])\\d+(?![A-Za-z])|(?<=-)\\d+$", "N");
        }

        /// What it is called, without the names of this camper.
        String unnamed(String label) {
            String now = label;
            for (Map.Entry<String, String> e : spoken.entrySet()) {
                now = e.getKey().isBlank()
                        ? now
                        : now.replaceAll("(?iu)" + Pattern.quote(e.getKey()), e.getValue());
            }
            return now;
        }
    }
}

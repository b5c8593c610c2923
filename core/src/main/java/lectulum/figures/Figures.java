package lectulum.figures;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Figures by id, in the order they were computed.
public final class Figures {
    /// No figures.
    public static final Figures NONE = new Figures(Map.of());

    private final Map<String, Figure> byId;

    private Figures(Map<String, Figure> byId) {
        this.byId = byId;
    }

    /// Collects figures. Where an id is taken already, the later figure gets that id with `-2`, `-3` … behind it.
    public static Figures of(Collection<Figure> figures) {
        Map<String, Figure> byId = new LinkedHashMap<>(figures.size() * 2);
        for (Figure figure : figures) {
            Figure named = figure;
            for (int i = 2; byId.putIfAbsent(named.id(), named) != null; i++) {
                named = figure.named(figure.id() + "-" + i);
            }
        }
        return new Figures(byId);
    }

    public static Figures join(List<Figures> parts) {
        List<Figure> all = new ArrayList<>();
        parts.forEach(part -> all.addAll(part.all()));
        return of(all);
    }

    public Optional<Figure> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /// SI value of a figure, NaN where it is absent.
    public double value(String id) {
        Figure figure = byId.get(id);
        return figure == null ? Double.NaN : figure.value().orElse(Double.NaN);
    }

    public Collection<Figure> all() {
        return byId.values();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Figures f && f.byId.equals(byId);
    }

    @Override
    public int hashCode() {
        return byId.hashCode();
    }

    @Override
    public String toString() {
        return byId.values().toString();
    }
}

package lectulum.symbols;

import lectulum.figures.drawing.Paint;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// One row of a symbol: where it is, what it is, how often, and when it is there at all.
///
/// @param range  from and to along length, width and height
/// @param words  how it is shaped: the first word of a solid tells its axis or rounding, of a decal its face
/// @param pitch  along x, y, z: how far apart it is repeated \[m\], negative for a number of times, 0 for once
/// @param gap    between repeated ones \[m\]
/// @param needed conditions, all of which must hold
public record Part(Solid solid, Measure[][] range, Paint paint, List<String> words, double[] pitch, double gap,
        List<String> needed) {
    static final int ROUND = 24;
    private static final int CORNER = 4;
    private static final double THIN = 2e-4;
    private static final double TURN = 2 * Math.PI;

    public enum Solid {
        BOX, ROD, PRISM, DECAL
    }

    /// The faces a decal may be on: axis across, direction, and whether it is shown through.
    private record Face(int normal, int outward, boolean through) {
        static List<Face> named(String word) {
            return switch (word) {
                case "top" -> List.of(new Face(2, 1, false));
                case "front" -> List.of(new Face(1, 1, true));
                case "rear" -> List.of(new Face(1, -1, false));
                case "head" -> List.of(new Face(0, -1, false));
                case "foot" -> List.of(new Face(0, 1, false));
                case "sides" -> List.of(new Face(1, 1, false), new Face(1, -1, false));
                case "ends" -> List.of(new Face(0, 1, false), new Face(0, -1, false));
                default -> throw new IllegalArgumentException("\"" + word + "\" is no face");
            };
        }
    }

    /// @param row of the resource: solid, x, y, z, paint, shape, times, when
    /// @throws IllegalArgumentException where something in it is not understood
    static Part of(Map<String, String> row) {
        double[] pitch = new double[3];
        double gap = 0;
        List<String> times = words(row.get("times"));
        for (int i = 0; i + 1 < times.size(); i += 2) {
            String value = times.get(i + 1);
            double number = value.startsWith("=")
                    ? -Double.parseDouble(value.substring(1))
                    : Double.parseDouble(value) / 1000;
            if (times.get(i).equals("gap")) {
                gap = number;
            } else {
                pitch["xyz".indexOf(times.get(i))] = number;
            }
        }
        return new Part(Solid.valueOf(row.get("solid").toUpperCase(java.util.Locale.ROOT)),
                new Measure[][]{range(row.get("x")), range(row.get("y")), range(row.get("z"))},
                Paint.named(row.get("paint")), words(row.get("shape")), pitch, gap, words(row.get("when")));
    }

    private static List<String> words(String text) {
        return text.isBlank() ? List.of() : List.of(text.strip().split("\\s+"));
    }

    private static Measure[] range(String text) {
        String[] ends = (text.isBlank() ? "0..100%" : text).split("\\.\\.");
        return new Measure[]{Measure.parse(ends[0]), Measure.parse(ends[1])};
    }

    /// What it becomes on a thing of a size.
    ///
    /// @param size    length, width, height \[m\]
    /// @param company symbols of what is set into the thing
    List<Piece> pieces(double[] size, Set<String> company) {
        double[] box = new double[6];
        for (int i = 0; i < 3; i++) {
            box[2 * i] = Math.clamp(range[i][0].in(size[i], size), 0, size[i]);
            box[2 * i + 1] = Math.clamp(range[i][1].in(size[i], size), 0, size[i]);
            if (box[2 * i + 1] < box[2 * i]) {
                return List.of();
            }
        }
        if (!needed.stream().allMatch(n -> holds(n, size, company))) {
            return List.of();
        }
        List<Piece> pieces = new ArrayList<>();
        int[] n = new int[3];
        for (int i = 0; i < 3; i++) {
            double length = box[2 * i + 1] - box[2 * i];
            n[i] = pitch[i] < 0
                    ? (int) -Math.round(pitch[i])
                    : pitch[i] == 0 ? 1 : Math.clamp(Math.round(length / pitch[i]), 1, 60);
        }
        for (int i = 0; i < n[0]; i++) {
            for (int j = 0; j < n[1]; j++) {
                for (int k = 0; k < n[2]; k++) {
                    double[] cell = cell(box, n, new int[]{i, j, k});
                    piece(cell, size).forEach(pieces::add);
                }
            }
        }
        return pieces;
    }

    private double[] cell(double[] box, int[] n, int[] at) {
        double[] cell = new double[6];
        for (int i = 0; i < 3; i++) {
            double step = (box[2 * i + 1] - box[2 * i]) / n[i];
            double in = n[i] > 1 ? Math.min(gap / 2, step / 4) : 0;
            cell[2 * i] = box[2 * i] + step * at[i] + in;
            cell[2 * i + 1] = box[2 * i] + step * (at[i] + 1) - in;
        }
        return cell;
    }

    /// `l>700`, `h<=300` (in mm), or `alone:sink`: nothing of that symbol is set into it.
    private static boolean holds(String condition, double[] size, Set<String> company) {
        if (condition.startsWith("alone:")) {
            return !company.contains(condition.substring(6));
        }
        double value = size["lwh".indexOf(condition.charAt(0))] * 1000;
        double limit = Double.parseDouble(condition.substring(2));
        return switch (condition.charAt(1)) {
            case '>' -> value > limit;
            case '<' -> value <= limit;
            default -> throw new IllegalArgumentException("\"" + condition + "\" is no condition");
        };
    }

    private List<Piece> piece(double[] c, double[] size) {
        return switch (solid) {
            case BOX -> thin(c) ? List.of() : List.of(box(c, size));
            case ROD -> thin(c) ? List.of() : List.of(rod(c, size));
            case PRISM -> thin(c) ? List.of() : List.of(prism(c, size));
            case DECAL -> decals(c, size);
        };
    }

    private static boolean thin(double[] c) {
        return c[1] - c[0] < THIN || c[3] - c[2] < THIN || c[5] - c[4] < THIN;
    }

    /// The two axes across one.
    private static int[] across(int axis) {
        return axis == 0 ? new int[]{1, 2} : axis == 1 ? new int[]{0, 2} : new int[]{0, 1};
    }

    private static double middle(double[] c, int axis) {
        return (c[2 * axis] + c[2 * axis + 1]) / 2;
    }

    private static double span(double[] c, int axis) {
        return c[2 * axis + 1] - c[2 * axis];
    }

    private Piece box(double[] c, double[] size) {
        int axis = words.isEmpty() || words.getFirst().equals("round")
                ? 2
                : "xyz".indexOf(words.getFirst().substring(5));
        int[] ab = across(axis);
        double a1 = c[2 * ab[0]];
        double a2 = c[2 * ab[0] + 1];
        double b1 = c[2 * ab[1]];
        double b2 = c[2 * ab[1] + 1];
        double room = Math.min(a2 - a1, b2 - b1);
        double r = words.isEmpty() ? 0 : Math.clamp(Measure.parse(words.get(1)).in(room, size), 0, room / 2);
        double[][] outline = r < THIN
                ? new double[][]{{a1, b1}, {a2, b1}, {a2, b2}, {a1, b2}}
                : rounded(a1, b1, a2, b2, r);
        return new Piece.Prism(axis, moved(outline, ab, size), shifted(c[2 * axis], axis, size),
                shifted(c[2 * axis + 1], axis, size), r >= THIN, paint);
    }

    private static double[][] rounded(double a1, double b1, double a2, double b2, double r) {
        double[][] centres = {{a1 + r, b1 + r}, {a2 - r, b1 + r}, {a2 - r, b2 - r}, {a1 + r, b2 - r}};
        List<double[]> outline = new ArrayList<>();
        for (int i = 0; i < 4; i++) {
            for (int k = 0; k <= CORNER; k++) {
                double t = Math.PI + i * Math.PI / 2 + k * Math.PI / 2 / CORNER;
                outline.add(new double[]{centres[i][0] + r * Math.cos(t), centres[i][1] + r * Math.sin(t)});
            }
        }
        return outline.toArray(double[][]::new);
    }

    private Piece rod(double[] c, double[] size) {
        int axis = "xyz".indexOf(words.getFirst());
        int[] ab = across(axis);
        double room = Math.min(span(c, ab[0]), span(c, ab[1]));
        double d = Math.clamp(Measure.parse(words.get(1)).in(room, size), 0, room);
        if (axis == 2) {
            double top = words.size() > 2 ? Math.clamp(Measure.parse(words.get(2)).in(room, size), 0, room) : d;
            return new Piece.Cone(shifted(middle(c, 0), 0, size), shifted(middle(c, 1), 1, size), c[4], c[5], d / 2,
                    top / 2, paint);
        }
        return new Piece.Prism(axis, moved(circle(middle(c, ab[0]), middle(c, ab[1]), d / 2), ab, size),
                shifted(c[2 * axis], axis, size), shifted(c[2 * axis + 1], axis, size), true, paint);
    }

    private static double[][] circle(double a, double b, double r) {
        double[][] points = new double[ROUND][];
        for (int i = 0; i < ROUND; i++) {
            points[i] = new double[]{a + r * Math.cos(TURN * i / ROUND), b + r * Math.sin(TURN * i / ROUND)};
        }
        return points;
    }

    private Piece prism(double[] c, double[] size) {
        int axis = "xyz".indexOf(words.getFirst());
        int[] ab = across(axis);
        return new Piece.Prism(axis, moved(points(words.subList(1, words.size()), c, ab, size), ab, size),
                shifted(c[2 * axis], axis, size), shifted(c[2 * axis + 1], axis, size), false, paint);
    }

    /// Pairs of measures within a cell.
    private static double[][] points(List<String> words, double[] c, int[] ab, double[] size) {
        double[][] points = new double[words.size() / 2][2];
        for (int i = 0; i < points.length; i++) {
            for (int k = 0; k < 2; k++) {
                double room = span(c, ab[k]);
                points[i][k] = c[2 * ab[k]]
                        + Math.clamp(Measure.parse(words.get(2 * i + k)).in(room, size), 0, room);
            }
        }
        return points;
    }

    private List<Piece> decals(double[] c, double[] size) {
        List<Piece> decals = new ArrayList<>();
        for (Face face : Face.named(words.getFirst())) {
            int[] ab = across(face.normal);
            double at = face.outward > 0 ? c[2 * face.normal + 1] : c[2 * face.normal];
            double room = Math.min(span(c, ab[0]), span(c, ab[1]));
            double a = middle(c, ab[0]);
            double b = middle(c, ab[1]);
            List<String> more = words.subList(2, words.size());
            switch (words.get(1)) {
                case "rect" -> decals.add(decal(face, ab, at, new double[][]{{c[2 * ab[0]], c[2 * ab[1]]},
                        {c[2 * ab[0] + 1], c[2 * ab[1]]}, {c[2 * ab[0] + 1], c[2 * ab[1] + 1]},
                        {c[2 * ab[0]], c[2 * ab[1] + 1]}}, true, size));
                case "round" -> decals.add(decal(face, ab, at, rounded(c[2 * ab[0]], c[2 * ab[1]], c[2 * ab[0] + 1],
                        c[2 * ab[1] + 1], Math.clamp(Measure.parse(more.getFirst()).in(room, size), 0, room / 2)),
                        true, size));
                case "disc" -> decals.add(decal(face, ab, at,
                        circle(a, b, Math.clamp(Measure.parse(more.getFirst()).in(room, size), 0, room) / 2), true,
                        size));
                case "ring" -> decals.add(decal(face, ab, at, closed(
                        circle(a, b, Math.clamp(Measure.parse(more.getFirst()).in(room, size), 0, room) / 2)), false,
                        size));
                case "line" -> decals.add(decal(face, ab, at, points(more, c, ab, size), false, size));
                case "area" -> decals.add(decal(face, ab, at, points(more, c, ab, size), true, size));
                case "glyph" -> {
                    double side = Math.clamp(Measure.parse(more.get(1)).in(room, size), 0, room);
                    for (double[][] stroke : Glyphs.named(more.getFirst())) {
                        decals.add(decal(face, ab, at,
                                Arrays.stream(stroke)
                                        .map(p -> new double[]{a + (p[0] - 0.5) * side,
                                                b + (face.normal == 2 ? 0.5 - p[1] : p[1] - 0.5) * side})
                                        .toArray(double[][]::new),
                                false, size));
                    }
                }
                default -> throw new IllegalArgumentException("\"" + words.get(1) + "\" is no figure");
            }
        }
        return decals;
    }

    private static double[][] closed(double[][] ring) {
        double[][] line = Arrays.copyOf(ring, ring.length + 1);
        line[ring.length] = ring[0];
        return line;
    }

    private Piece decal(Face face, int[] ab, double at, double[][] points, boolean filled, double[] size) {
        double[][] in = new double[points.length][3];
        for (int i = 0; i < points.length; i++) {
            in[i][ab[0]] = shifted(points[i][0], ab[0], size);
            in[i][ab[1]] = shifted(points[i][1], ab[1], size);
            in[i][face.normal] = shifted(at, face.normal, size);
        }
        return new Piece.Decal(face.normal, face.outward, in, filled, face.through, paint);
    }

    /// From the front left bottom corner to the middle of the underside.
    private static double shifted(double value, int axis, double[] size) {
        return axis == 2 ? value : value - size[axis] / 2;
    }

    private static double[][] moved(double[][] outline, int[] ab, double[] size) {
        return Arrays.stream(outline)
                .map(p -> new double[]{shifted(p[0], ab[0], size), shifted(p[1], ab[1], size)})
                .toArray(double[][]::new);
    }

    /// The symbols that a condition of this part asks for.
    Optional<String> alone() {
        return needed.stream().filter(n -> n.startsWith("alone:")).map(n -> n.substring(6)).findFirst();
    }
}

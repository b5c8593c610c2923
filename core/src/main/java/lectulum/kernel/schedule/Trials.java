package lectulum.kernel.schedule;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.SplittableRandom;

/// Tasks whose hours are not sure, tried many times: each drawn by itself, and all together longer or shorter by a common factor, since
/// people are optimistic everywhere at once. The same seed gives the same.
///
/// Sums of likely hours along the longest path are too low where paths run beside one another: the trials take the longer one each time
/// (van Slyke 1963).
///
/// @param sum      hours of all tasks, of one pair of hands
/// @param path     hours of the longest chain of tasks, waits not counted
/// @param critical part of the trials in which a task, with the waits in its chain, delays the end when it slips; by id
public record Trials(Chance sum, Chance path, Map<String, Double> critical) {
    private static final double SAME = 1e-9;

    public Trials {
        critical = Map.copyOf(critical);
    }

    /// @param hours of work
    /// @param lag   after it before what follows may begin \[h\], ≥ 0
    /// @param after ids of what must be done before; what no task is called stands for nothing before
    public record Job(String id, Pert hours, double lag, List<String> after) {
        public Job {
            after = List.copyOf(after);
        }
    }

    /// Tasks in a loop, or behind one, count in the sum alone.
    ///
    /// @param together deviation of the logarithm of the common factor, 0 for none
    public static Trials of(List<Job> tasks, double together, int trials, long seed) {
        Net net = Net.of(tasks);
        SplittableRandom random = new SplittableRandom(seed);
        double[] sums = new double[trials];
        double[] paths = new double[trials];
        int[] critical = new int[tasks.size()];
        double[] hours = new double[tasks.size()];
        List<Pert.Shape> shapes = shapes(tasks);
        for (int i = 0; i < trials; i++) {
            double sum = 0;
            for (int t = 0; t < hours.length; t++) {
                hours[t] = tasks.get(t).hours.at(shapes.get(t), random.nextDouble());
                sum += hours[t];
            }
            double factor = Math.exp(together * random.nextGaussian());
            for (int t = 0; t < hours.length; t++) {
                hours[t] *= factor;
            }
            sums[i] = sum * factor;
            paths[i] = net.longest(hours);
            net.count(hours, critical);
        }
        Map<String, Double> share = new LinkedHashMap<>();
        for (int t = 0; t < critical.length; t++) {
            share.put(tasks.get(t).id, trials == 0 ? 0 : critical[t] / (double) trials);
        }
        return new Trials(Chance.of(sums), Chance.of(paths), share);
    }

    /// Of each task; tasks that lean alike have one.
    private static List<Pert.Shape> shapes(List<Job> tasks) {
        Map<Double, Pert.Shape> known = new HashMap<>();
        return tasks.stream().map(t -> known.computeIfAbsent(t.hours.leaning(), Pert.Shape::of)).toList();
    }

    /// The tasks by number, each after what must be done before it.
    ///
    /// @param order  of those that are in no loop
    /// @param before of each
    private record Net(int[] order, int[][] before, double[] lag, double[] end) {

        static Net of(List<Job> tasks) {
            Map<String, Integer> number = new HashMap<>();
            for (int t = 0; t < tasks.size(); t++) {
                number.putIfAbsent(tasks.get(t).id, t);
            }
            int[][] before = new int[tasks.size()][];
            for (int t = 0; t < before.length; t++) {
                before[t] = tasks.get(t).after.stream().filter(number::containsKey).mapToInt(number::get).toArray();
            }
            return new Net(order(before), before, tasks.stream().mapToDouble(Job::lag).toArray(),
                    new double[tasks.size()]);
        }

        private static int[] order(int[][] before) {
            List<Integer> order = new ArrayList<>();
            boolean[] done = new boolean[before.length];
            boolean more = true;
            while (more) {
                more = false;
                for (int t = 0; t < before.length; t++) {
                    if (!done[t] && Arrays.stream(before[t]).allMatch(b -> done[b])) {
                        done[t] = true;
                        order.add(t);
                        more = true;
                    }
                }
            }
            return order.stream().mapToInt(t -> t).toArray();
        }

        double longest(double[] hours) {
            return forward(hours, new double[hours.length]);
        }

        /// When the last of them ends, and in passing when each does.
        private double forward(double[] hours, double[] waits) {
            double last = 0;
            for (int t : order) {
                double from = 0;
                for (int b : before[t]) {
                    from = Math.max(from, end[b]);
                }
                end[t] = from + hours[t] + waits[t];
                last = Math.max(last, end[t]);
            }
            return last;
        }

        /// Counts those that have no room, waits in their chains.
        void count(double[] hours, int[] critical) {
            double last = forward(hours, lag);
            double[] latest = new double[hours.length];
            Arrays.fill(latest, last);
            for (int i = order.length - 1; i >= 0; i--) {
                int t = order[i];
                for (int b : before[t]) {
                    latest[b] = Math.min(latest[b], latest[t] - hours[t] - lag[t]);
                }
                if (latest[t] - end[t] <= SAME * (1 + last)) {
                    critical[t]++;
                }
            }
        }
    }
}

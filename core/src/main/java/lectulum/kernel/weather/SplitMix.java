package lectulum.kernel.weather;

/// A stream of chance that is the same on every machine: SplitMix64 (Steele, Lea and Flood 2014).
public final class SplitMix {
    private long state;

    public SplitMix(long seed) {
        this.state = seed;
    }

    private long next() {
        state += 0x9E3779B97F4A7C15L;
        long z = state;
        z = (z ^ z >>> 30) * 0xBF58476D1CE4E5B9L;
        z = (z ^ z >>> 27) * 0x94D049BB133111EBL;
        return z ^ z >>> 31;
    }

    /// Evenly from 0, which is possible, to 1, which is not.
    public double uniform() {
        return (next() >>> 11) * 0x1.0p-53;
    }

    /// Normal with mean 0 and deviation 1, by Box and Muller; takes two values of the stream each.
    public double normal() {
        double first = uniform();
        double second = uniform();
        return StrictMath.sqrt(-2 * StrictMath.log(1 - first)) * StrictMath.cos(2 * Math.PI * second);
    }
}

package lectulum.kernel.flow;

/// How hard a pump sucks.
public final class Suction {
    private Suction() {
    }

    /// Pressure below that of the air at the pump's inlet \[Pa\].
    ///
    /// @param lift    of the pump over the water \[m\]
    /// @param suction pipe to it
    /// @param flow    \[m³/s\]
    public static double below(double lift, PipeNetwork.Pipe suction, double flow) {
        double density = WaterAt.density(suction.celsius());
        double v = flow / (Math.PI * suction.diameter() * suction.diameter() / 4);
        return WaterAt.density(WaterAt.COOL) * WaterAt.G * lift + suction.loss(flow) + density * v * v / 2;
    }
}

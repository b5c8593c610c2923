package lectulum.kernel.gear;

import java.util.OptionalInt;
import lectulum.units.Units;

/// What a tyre may carry by its load index (ISO 4000-1, ETRTO).
public final class TyreLoad {
    private static final int FIRST = 50;
    private static final int[] CARRIES = {190, 195, 200, 206, 212, 218, 224, 230, 236, 243, 250, 257, 265, 272, 280,
            290, 300, 307, 315, 325, 335, 345, 355, 365, 375, 387, 400, 412, 425, 437, 450, 462, 475, 487, 500, 515,
            530, 545, 560, 580, 600, 615, 630, 650, 670, 690, 710, 730, 750, 775, 800, 825, 850, 875, 900, 925, 950,
            975, 1000, 1030, 1060, 1090, 1120, 1150, 1180, 1215, 1250, 1285, 1320, 1360, 1400, 1450, 1500, 1550, 1600,
            1650, 1700, 1750, 1800, 1850, 1900};
    /// How capacity falls below the pressure of the table (assumed; the maker's table wins).
    private static final double EXPONENT = 0.8;
    /// A passenger tyre carries less on a trailer (FMVSS 110 and 120).
    private static final double PASSENGER = 1.10;

    private TyreLoad() {
    }

    /// @param index     load index, 50 to 130
    /// @param pressure  of the tyre against that of its table, 0 to 1; more counts as 1
    /// @param passenger whether it is a passenger tyre
    /// @return capacity \[kg\]
    /// @throws IllegalArgumentException for an index outside the table
    public static double capacity(int index, double pressure, boolean passenger) {
        if (index < FIRST || index >= FIRST + CARRIES.length) {
            throw new IllegalArgumentException("no load index " + index);
        }
        double carries = CARRIES[index - FIRST] * Math.pow(Math.clamp(pressure, 0, 1), EXPONENT);
        return passenger ? carries / PASSENGER : carries;
    }

    /// The lowest index that carries a load; empty where none does.
    public static OptionalInt indexFor(double load, boolean passenger) {
        for (int i = 0; i < CARRIES.length; i++) {
            if (capacity(FIRST + i, 1, passenger) >= load) {
                return OptionalInt.of(FIRST + i);
            }
        }
        return OptionalInt.empty();
    }

    /// D-value of a coupling \[kN\]: g·m·t/(m + t) (UN R55).
    ///
    /// @param vehicle gross mass \[kg\]
    /// @param trailer gross mass \[kg\]
    public static double dValue(double vehicle, double trailer) {
        double sum = vehicle + trailer;
        return sum > 0 ? Units.GRAVITY * vehicle * trailer / sum / 1000 : 0;
    }
}

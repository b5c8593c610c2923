package lectulum.design.brief;

/// Three months of the year, by what they are in the north; half a year away in the south.
public enum Season {
    WINTER("winter", 12), SPRING("spring", 3), SUMMER("summer", 6), AUTUMN("autumn", 9);

    private static final int MONTHS = 12;

    private final String label;
    private final int first;

    Season(String label, int first) {
        this.label = label;
        this.first = first;
    }

    public String label() {
        return label;
    }

    /// Its months, 1 to 12, from the first.
    ///
    /// @param latitude \[°\], north positive
    public int[] months(double latitude) {
        int from = first + (latitude < 0 ? MONTHS / 2 : 0) - 1;
        return new int[]{from % MONTHS + 1, (from + 1) % MONTHS + 1, (from + 2) % MONTHS + 1};
    }

    /// The season of a month.
    ///
    /// @param month    1 to 12
    /// @param latitude \[°\], north positive
    public static Season of(int month, double latitude) {
        for (Season s : values()) {
            for (int m : s.months(latitude)) {
                if (m == month) {
                    return s;
                }
            }
        }
        throw new IllegalArgumentException("no month " + month);
    }
}

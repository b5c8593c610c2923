package lectulum.stage;

import java.util.Optional;

/// Where a device answers, typed as `name:port`.
public record Address(String host, int port) {
    private static final int HIGHEST = 65_535;

    /// Empty where it is no address.
    public static Optional<Address> of(String typed) {
        String[] parts = typed.strip().split(":");
        if (parts.length != 2 || parts[0].isBlank() || !parts[1].matches("\\d{1,5}")) {
            return Optional.empty();
        }
        int port = Integer.parseInt(parts[1]);
        return port >= 1 && port <= HIGHEST ? Optional.of(new Address(parts[0], port)) : Optional.empty();
    }
}

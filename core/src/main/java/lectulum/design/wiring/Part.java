package lectulum.design.wiring;

/// A part of a camper that its wires ride on.
public enum Part {
    BODY("body"), HATCH("hatch"), ROOF("lifting roof"), BED("rising bed"), DOOR("door");

    private final String label;

    Part(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}

package lectulum.design;

/// A named what-if.
public record Variant(String id, String name, Design design) {
    public Variant {
        name = name == null ? id : name;
    }

    public Variant with(Design next) {
        return new Variant(id, name, next);
    }
}

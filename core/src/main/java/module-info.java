/// Everything Lectulum computes, reads and writes; nothing of the window.
module lectulum.core {
    requires org.apache.commons.csv;
    requires transitive tools.jackson.databind;

    exports lectulum.analysis;
    exports lectulum.balance;
    exports lectulum.catalogue;
    exports lectulum.demo;
    exports lectulum.design;
    exports lectulum.figures;
    exports lectulum.files;
    exports lectulum.layout;
    exports lectulum.materials;
    exports lectulum.money;
    exports lectulum.power;
    exports lectulum.units;
    exports lectulum.water;

    opens lectulum.design to tools.jackson.databind;
}

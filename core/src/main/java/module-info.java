/// Everything Lectulum computes, reads and writes; nothing of the window.
module lectulum.core {
    requires org.apache.commons.csv;
    requires org.apache.fontbox;
    requires org.apache.pdfbox;
    requires org.apache.pdfbox.io;
    // PDFBox is an automatic module and cannot say that it needs this one.
    requires org.apache.commons.logging;
    requires hipparchus.core;
    requires transitive tools.jackson.databind;

    exports lectulum.analysis;
    exports lectulum.assumed;
    exports lectulum.balance;
    exports lectulum.camp;
    exports lectulum.carry;
    exports lectulum.catalogue;
    exports lectulum.change;
    exports lectulum.demo;
    exports lectulum.design;
    exports lectulum.figures;
    exports lectulum.files;
    exports lectulum.fit;
    exports lectulum.journey;
    exports lectulum.layout;
    exports lectulum.living;
    exports lectulum.materials;
    exports lectulum.mechanism;
    exports lectulum.money;
    exports lectulum.outside;
    exports lectulum.people;
    exports lectulum.picture;
    exports lectulum.place;
    exports lectulum.plane;
    exports lectulum.power;
    exports lectulum.shell;
    exports lectulum.standin;
    exports lectulum.storage;
    exports lectulum.structure;
    exports lectulum.survey;
    exports lectulum.template;
    exports lectulum.towing;
    exports lectulum.units;
    exports lectulum.water;
    exports lectulum.weighing;
    exports lectulum.workshop;

    opens lectulum.design to tools.jackson.databind;
}

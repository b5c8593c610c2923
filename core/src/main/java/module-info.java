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
    exports lectulum.catalogue;
    exports lectulum.demo;
    exports lectulum.design;
    exports lectulum.figures;
    exports lectulum.files;
    exports lectulum.journey;
    exports lectulum.kernel.beams;
    exports lectulum.kernel.bodies;
    exports lectulum.kernel.gear;
    exports lectulum.kernel.lashing;
    exports lectulum.kernel.maths;
    exports lectulum.kernel.mechanisms;
    exports lectulum.kernel.packing;
    exports lectulum.kernel.plane;
    exports lectulum.kernel.profile;
    exports lectulum.kernel.scales;
    exports lectulum.kernel.standing;
    exports lectulum.kernel.statics;
    exports lectulum.kernel.survey;
    exports lectulum.kernel.towing;
    exports lectulum.layout;
    exports lectulum.living;
    exports lectulum.materials;
    exports lectulum.money;
    exports lectulum.picture;
    exports lectulum.power;
    exports lectulum.shell;
    exports lectulum.standin;
    exports lectulum.survey;
    exports lectulum.template;
    exports lectulum.units;
    exports lectulum.water;
    exports lectulum.weighing;
    exports lectulum.workshop;

    opens lectulum.design to tools.jackson.databind;
}

package lectulum.papers.book;

import java.util.EnumSet;
import java.util.Set;

/// For whom a book is made: which chapters it has, and whether prices stand in it.
public enum Edition {
    WHOLE("book", "Build book", "Everything: drawings, figures with their working, lists, log.", true,
            EnumSet.allOf(Topic.class)),
    WELDER("welder", "For the welder", "The frame with its members, cuts and welds, what stands on it, and its tests.",
            false, EnumSet.of(Topic.GLANCE, Topic.DRAWINGS, Topic.FRAME)),
    UPHOLSTERER("upholsterer", "For the upholsterer", "Cushions, foam, covers and where they lie.", false,
            EnumSet.of(Topic.DRAWINGS, Topic.CUSHIONS)),
    INSPECTOR("inspector", "For the inspector",
            "Masses, ratings, frame, lights, mains, gas, tests, proofs, and who checked what.", false,
            EnumSet.of(Topic.GLANCE, Topic.DRAWINGS, Topic.BASE, Topic.BALANCE, Topic.FRAME, Topic.SAFETY,
                    Topic.DOSSIER, Topic.TESTS, Topic.PHOTOGRAPHS)),
    BUYER("buyer", "For the buyer", "What it is, what it weighs, what is in it, how it was looked after.", false,
            EnumSet.of(Topic.GLANCE, Topic.DRAWINGS, Topic.BASE, Topic.LAYOUT, Topic.BALANCE, Topic.POWER, Topic.WATER,
                    Topic.AIR, Topic.EQUIPMENT, Topic.TESTS, Topic.UPKEEP, Topic.TRIPS, Topic.LISTS,
                    Topic.PHOTOGRAPHS)),
    TRIP("trip", "For a trip", "Checklists and the packing list, to tick on paper.", false,
            EnumSet.of(Topic.LISTS, Topic.PACKING)),
    VISITOR("visitor", "What every visitor asks", "Mass, size, cost, hours and parts on one page.", true,
            EnumSet.of(Topic.ANSWERS));

    private final String id;
    private final String label;
    private final String about;
    private final boolean priced;
    private final Set<Topic> topics;

    Edition(String id, String label, String about, boolean priced, Set<Topic> topics) {
        this.id = id;
        this.label = label;
        this.about = about;
        this.priced = priced;
        this.topics = topics;
    }

    /// Stable word for files and the command line.
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    /// What it holds, in a sentence.
    public String about() {
        return about;
    }

    /// Whether prices stand in it.
    public boolean priced() {
        return priced;
    }

    boolean has(Topic topic) {
        return topics.contains(topic) && (this != WHOLE || topic != Topic.ANSWERS && topic != Topic.DOSSIER);
    }

    /// Whether it has no cover, contents and index.
    boolean leaflet() {
        return this == VISITOR || this == TRIP;
    }

    /// What a chapter is about.
    enum Topic {
        ANSWERS, GLANCE, BRIEF, DRAWINGS, BASE, FRAME, LAYOUT, BALANCE, POWER, WATER, AIR, TRIP, MATERIALS, CUSHIONS,
        SAFETY, DOSSIER,
        MONEY, BUILD, EQUIPMENT, LOG, PHOTOGRAPHS, TESTS, UPKEEP, LISTS, PACKING, TRIPS, LESSONS, FINDINGS, LICENCES,
        WORKINGS
    }
}

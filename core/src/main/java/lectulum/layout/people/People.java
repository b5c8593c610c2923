package lectulum.layout.people;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.discipline.Discipline;
import lectulum.discipline.Reads;
import lectulum.discipline.Result;
import lectulum.figures.Amount;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Stage;
import lectulum.figures.Working;
import lectulum.layout.Room;
import lectulum.units.Quantity;

/// Who sleeps where, where everybody lies, sits and stands, and the heights and room about them.
///
/// A camper without beds gives nobody a place to sleep; without people nothing is said about heights.
///
/// @param comfort heights and room about people
/// @param poses   where people lie, sit and stand, by mode
public record People(Sleeping sleeping, Comfort comfort, Map<Mode, List<Pose>> poses, Figures figures,
        List<Finding> findings) implements Result {

    public static final Discipline<People> DISCIPLINE = new Discipline<People>("people", "Beds and heights",
            Stage.LAYOUT,
            Discipline.Pace.REST, People::of,
            () -> new People(Sleeping.NOBODY, Comfort.NONE, Map.of(), Figures.NONE, List.of()))
            .checking(PeopleRules.class, PeopleRemedies::of);

    private static People of(Reads in) {
        Design design = in.design(Design.Part.BRIEF, Design.Part.BASE, Design.Part.THINGS, Design.Part.SETTINGS);
        Map<Mode, Room> rooms = new EnumMap<>(Mode.class);
        for (Mode mode : Mode.values()) {
            rooms.put(mode, in.of(Room.in(mode)));
        }
        Sleeping sleeping = Sleeping.of(rooms.get(Mode.NIGHT), design.brief().people());
        Map<Mode, List<Pose>> poses = new EnumMap<>(Mode.class);
        rooms.forEach((mode, room) -> poses.put(mode, Pose.in(design, room, sleeping)));
        Comfort comfort = Comfort.of(design, rooms, sleeping);
        People bare = new People(sleeping, comfort, poses, Figures.NONE, List.of());
        List<Figure> all = new ArrayList<>();
        sleep(sleeping, all);
        all.addAll(comfort.figures());
        return new People(sleeping, comfort, poses, Figures.of(all), PeopleFindings.of(design, bare));
    }

    /// Whether the person of that index has a bed that is long enough and high enough above.
    public boolean sleepsWell(Design design, int person) {
        return sleeping.well(design.brief().people().get(person), person);
    }

    private static void sleep(Sleeping s, List<Figure> all) {
        all.add(count("layout.sleep.assigned", "People with a bed",
                s.where().stream().filter(w -> w.isPresent()).count(), "assignment of least cost"));
        all.add(count("layout.sleep.honest", "Adults with 0.60 m each", s.honest(),
                "Σ ⌊width / 0.60 m⌋ over beds 1.75 m long that carry 80 kg"));
        all.add(count("layout.sleep.comfort", "Adults with 0.70 m each", s.comfort(),
                "Σ ⌊width / 0.70 m⌋ over beds 1.75 m long that carry 80 kg"));
        for (Sleeping.Nest n : s.nests()) {
            String id = "layout.bed." + n.thing() + ".";
            all.add(length(id + "length", n.name() + ", length", n.bed().length(), "clear length of the bed"));
            all.add(length(id + "width", n.name() + ", width", n.bed().width(), "clear width of the bed"));
            if (Double.isFinite(n.sit())) {
                all.add(length(id + "sit", n.name() + ", height to sit", n.sit(),
                        "lowest of roof and things above − top of the mattress, at the best place"));
            }
        }
    }

    private static Figure count(String id, String label, double value, String rule) {
        return Figure.of(id, label, value, Quantity.COUNT,
                new Working(rule, Sentence.of("{0}", Amount.count(value)), List.of(), "see docs/method/living.md"));
    }

    private static Figure length(String id, String label, double value, String rule) {
        return Figure.of(id, label, value, Quantity.LENGTH,
                new Working(rule, Sentence.of("{0}", Amount.m(value)), List.of(), "see docs/method/living.md"));
    }
}

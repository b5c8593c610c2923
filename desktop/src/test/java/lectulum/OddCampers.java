package lectulum;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.base.Axle;
import lectulum.design.base.Base;
import lectulum.design.brief.CamperType;
import lectulum.design.brief.Person;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Thing;

/// Campers that nobody builds, but somebody types.
public final class OddCampers {
    /// Right to left, from far away, very long, and pictures.
    public static final List<String> NAMES = List.of("خيمة السقف الكبيرة", "תיבה של כלים", "寝台の下の引き出し",
            "🏕️ Box 🔋⚡ 👨‍👩‍👧‍👦",
            "Donaudampfschifffahrtselektrizitätenhauptbetriebswerkbauunterbeamtengesellschaft",
            "a name that goes on and on, because somebody wrote down everything that is in it: forks, knives, spoons, cups",
            "Ş̷̛̣̖̭̬̖̇̎͐̿ẗ̴́̀á̶c̵k̷e̸d̴", "=1+1", "<b>bold</b> & \"quoted\"");

    private OddCampers() {
    }

    /// A demonstration in which everything and everybody has an odd name.
    public static Project named(String demo) {
        Design d = Campers.demo(demo).orElseThrow().design();
        List<Thing> things = new ArrayList<>();
        for (int i = 0; i < d.things().size(); i++) {
            things.add(d.things().get(i).withName(NAMES.get(i % NAMES.size()) + (i < NAMES.size() ? "" : " " + i)));
        }
        List<Person> people = new ArrayList<>();
        for (int i = 0; i < d.brief().people().size(); i++) {
            Person p = d.brief().people().get(i);
            people.add(new Person(p.id(), NAMES.get(i), p.height(), p.mass(), p.age(), p.later()));
        }
        return Project.of(NAMES.get(4), d.withThings(things).with(d.brief().withPeople(people)));
    }

    /// Forty people for one small camper.
    public static Project crowded() {
        Design d = Campers.start(CamperType.CARGO, "Crowd").design();
        List<Person> people = new ArrayList<>();
        for (int i = 0; i < 40; i++) {
            people.add(new Person("p" + i, "Person " + (i + 1), 0.9 + 0.03 * i, 15 + 2.5 * i));
        }
        return Project.of("Forty", d.with(d.brief().withPeople(people)));
    }

    /// A body of that length inside \[m\], the axle in its middle.
    public static Project longAs(double length) {
        Design d = Campers.start(CamperType.CARGO, "Long").design();
        Base base = d.base()
                .with(d.base().shell().resized(length, d.base().shell().width(), d.base().shell().height()));
        Axle a = base.axle();
        return Project.of("Of " + length + " m",
                d.with(base.with(new Axle(length / 2, a.count(), a.spacing(), a.track(),
                        a.wheelDiameter(), a.tyreWidth(), a.braked(), a.mass()))));
    }

    /// So many things from the catalogue, wherever they come to lie.
    public static Project stuffed(int things) {
        Design d = Campers.start(CamperType.CARGO, "Full").design();
        SplittableRandom random = new SplittableRandom(things);
        List<Thing> kinds = Catalogue.shipped().things().stream().filter(t -> t.mount() == Mount.INSIDE).toList();
        List<Thing> all = new ArrayList<>();
        for (int i = 0; i < things; i++) {
            all.add(kinds.get(random.nextInt(kinds.size())).withId("t" + i).with(new Placement(
                    random.nextDouble() * 2.8, random.nextDouble() * 1.4 - 0.7, random.nextDouble() * 1.5, 0)));
        }
        return Project.of("Full", d.withThings(all));
    }
}

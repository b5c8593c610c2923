package lectulum.layout.people;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.catalogue.Catalogue;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.brief.Person;
import lectulum.design.feature.Electric;
import lectulum.design.feature.Feature;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Mount;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.discipline.Study;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.power.light.LightStudies;
import lectulum.space.Solid;
import lectulum.units.Style;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/// Where heads lie at night, and what is within reach of them.
class BerthTest {
    private static final double EYES = 0.15;

    /// 1.9 m long and 0.1 m thick, its middle 1.5 m behind the front, on a platform of 0.4 m.
    private static Thing bed(double width, double yaw) {
        return thing("bed", 12, 1.5, 0).with(new Size(1.9, width, 0.1)).with(new Placement(1.5, 0, 0.4, yaw))
                .with(new Feature.Bed(1.9, width, 200)).with(Fix.FIXED);
    }

    private static Design of(List<Person> people, Thing... things) {
        Design d = box(things);
        return d.with(d.brief().withPeople(people));
    }

    private static Person person(String id) {
        return new Person(id, id, 1.7, 70);
    }

    private static List<Pillow> pillows(Design d) {
        return Pillow.of(d, Analysis.of(d).of(People.DISCIPLINE));
    }

    private static Optional<Finding> said(Design d) {
        return Analysis.of(d).findings().stream().filter(f -> f.rule() == BerthRules.BERTH_FITTINGS).findFirst();
    }

    /// 1.70 m want 0.08 m more than they are tall, 0.15 are good; two share the width.
    @Test
    void whoSleepsWhereSaysWhatIsWantedAndWhatIsGood() {
        Study s = Analysis.of(of(List.of(person("ada"), person("ben")), bed(1.3, 0))).of(BerthStudies.DISCIPLINE).all()
                .getFirst();
        List<String> row = s.listings().getFirst().text(Style.PLAIN).get(1).stream()
                .map(c -> c.replace('\u00a0', ' ')).toList();

        assertThat(row.subList(0, 7)).containsExactly("ada", "bed", "1.900 m", "1.780 m", "1.850 m", "650 mm",
                row.get(6));
    }

    private static Thing from(String id, double x, double y, double z) {
        return Catalogue.shipped().find(id).orElseThrow().with(new Placement(x, y, z, 0));
    }

    @Nested
    class APillow {
        @Test
        void liesAtTheHeadOfABedAlongTheBody() {
            Pillow p = pillows(of(List.of(person("ada")), bed(0.7, 0))).getFirst();

            assertThat(p.person()).isEqualTo("ada");
            assertThat(p.x()).isEqualTo(1.5 - 0.95 + Pillow.FROM_END, within(1e-9));
            assertThat(p.y()).isEqualTo(0, within(1e-9));
            assertThat(p.z()).isEqualTo(0.4 + 0.1 + EYES, within(1e-9));
        }

        /// A bed turned by any angle carries the pillow along.
        @ParameterizedTest
        @ValueSource(doubles = {30, 90, 135, 180, 270})
        void turnsWithTheBed(double degrees) {
            double yaw = Math.toRadians(degrees);
            Pillow p = pillows(of(List.of(person("ada")), bed(0.7, yaw))).getFirst();

            assertThat(p.x()).isEqualTo(1.5 - Math.cos(yaw) * 0.70, within(1e-9));
            assertThat(p.y()).isEqualTo(-Math.sin(yaw) * 0.70, within(1e-9));
        }

        /// The same bed, given as one that is wider than long: people lie along the longer side.
        @Test
        void liesAtTheEndOfTheLongerSide() {
            Thing across = bed(0.7, 0).with(new Size(0.7, 1.7, 0.1));

            Pillow p = pillows(of(List.of(person("ada")), across)).getFirst();

            assertThat(p.x()).isEqualTo(1.5, within(1e-9));
            assertThat(Math.abs(p.y())).isEqualTo(0.85 - Pillow.FROM_END, within(1e-9));
        }

        @Test
        void isOfEverybodyOnABedForTwo() {
            List<Pillow> two = pillows(of(List.of(person("ada"), person("bo")), bed(1.4, 0)));

            assertThat(two).extracting(Pillow::person).containsExactly("ada", "bo");
            assertThat(two).extracting(Pillow::y).allMatch(y -> Math.abs(Math.abs(y) - 0.35) < 1e-9);
            assertThat(two.getFirst().y()).isEqualTo(-two.getLast().y(), within(1e-9));
        }

        @Test
        void isOfEachBedWhereNobodyTravels() {
            List<Pillow> nobody = pillows(of(List.of(), bed(1.4, 0)));

            assertThat(nobody).singleElement().satisfies(p -> {
                assertThat(p.person()).isEmpty();
                assertThat(p.name()).isEqualTo("bed");
            });
        }

        @Test
        void isOfNobodyWithoutABed() {
            assertThat(pillows(of(List.of(person("ada"))))).isEmpty();
        }

        @Test
        void isInATentOnARoof() {
            Design roof = Campers.demo("chamois").orElseThrow().design();

            assertThat(pillows(roof)).isNotEmpty().allMatch(Pillow::tent);
            assertThat(said(roof)).as("in a tent people bring their own").isEmpty();
        }
    }

    @Nested
    class Reach {
        private final Design bare = of(List.of(person("ada")), bed(0.7, 0));

        private String wanted(Design d) {
            return said(d).map(f -> f.detail().text(Style.PLAIN)).orElse("");
        }

        @Test
        void saysWhatIsMissing() {
            assertThat(wanted(bare)).contains("a light, a socket, a pocket or a shelf, a hook");
            assertThat(said(bare).orElseThrow().title().text(Style.PLAIN)).contains("ada has 0 of 4");
        }

        /// The pillow is 0.8 m behind the front and 0.65 m high; a hand reaches 0.65 m.
        @ParameterizedTest
        @ValueSource(doubles = {-0.64, 0.64})
        void reachesALampAsFarAsAHand(double off) {
            Thing lamp = from("reading-lamp", 0.80, 0, 0.65);
            double half = lamp.size().width() / 2;
            double edge = Math.signum(off) * (Math.abs(off) + half);

            assertThat(wanted(bare.plus(lamp.with(new Placement(0.80, edge, 0.65, 0))))).doesNotContain("a light");
            assertThat(wanted(bare.plus(lamp.with(new Placement(0.80, edge * 1.05, 0.65, 0))))).contains("a light");
        }

        @Test
        void reachesASocketAsFarAsACable() {
            assertThat(wanted(bare.plus(from("12-v-socket", 1.75, 0, 0.65)))).doesNotContain("a socket");
            assertThat(wanted(bare.plus(from("12-v-socket", 1.90, 0, 0.65)))).contains("a socket");
            Design longer = bare.with(bare.settings().with("berth.cable", 1.5));
            assertThat(wanted(longer.plus(from("12-v-socket", 1.90, 0, 0.65)))).doesNotContain("a socket");
        }

        /// What is packed away at night, stands outside, or lights a locker is of no use.
        @Test
        void countsNothingThatIsNotThere() {
            Thing lamp = from("reading-lamp", 0.8, 0.3, 0.65);
            Electric.Lamp of = lamp.feature(Electric.Lamp.class).orElseThrow();

            assertThat(wanted(bare.plus(lamp))).doesNotContain("a light");
            assertThat(wanted(bare.plus(lamp.with(Mount.SPREAD)))).contains("a light");
            assertThat(wanted(bare.plus(lamp.with(Mount.OUTSIDE)))).contains("a light");
            assertThat(wanted(bare.plus(lamp.with(new Electric.Lamp(of.lumens(), Electric.Zone.STORE, false, false,
                    false))))).contains("a light");
            assertThat(wanted(bare.plus(lamp.placed(Mode.NIGHT, new Placement(2.8, 0.3, 0.65, 0)))))
                    .contains("a light");
        }

        /// A locker under the mattress and a cold box beside it are no place for glasses.
        @Test
        void opensNothingThatSomebodyLiesOn() {
            Thing shelf = from("wall-pocket", 0.8, 0.45, 0.7);

            assertThat(wanted(bare.plus(shelf))).doesNotContain("a pocket");
            assertThat(wanted(bare.plus(shelf.with(new Placement(0.8, 0.45, 0.3, 0))))).as("0.2 m high, below 0.5 m")
                    .contains("a pocket");
            assertThat(wanted(bare.plus(from("compressor-box-35-l", 0.8, 0.65, 0.4)))).contains("a pocket");
        }

        @Test
        void hasAFigureForEverybody() {
            Design two = of(List.of(person("ada"), person("bo")), bed(1.4, 0),
                    from("wall-hook", 0.5, -0.6, 0.9).withId("hook"));
            Analysis a = Analysis.of(two);

            double ada = a.figures().value("berth.ada.reach");
            double bo = a.figures().value("berth.bo.reach");
            assertThat(ada + bo).as("the hook is near to one of them").isEqualTo(1);
        }

        @Test
        void isMendedAtThePillow() {
            Design d = bare.plus(from("battery-200-ah-lithium", 2.6, 0, 0))
                    .plus(from("fuse-panel-and-main-switch", 2.6, 0.6, 0.5));
            Finding f = said(d).orElseThrow();
            List<Remedy> remedies = Remedies.of(Analysis.of(d), f);

            assertThat(remedies).as("no wall is within reach").singleElement()
                    .satisfies(r -> assertThat(r.says().text(Style.PLAIN))
                            .contains("Reading lamp", "USB socket", "Wall pocket", "Wall hook",
                                    "at the end of the bed of ada"));
            Design mended = remedies.getFirst().edit().apply(d);
            assertThat(mended.things()).hasSize(7);
            assertThat(Analysis.of(mended).figures().value("berth.ada.reach")).isEqualTo(4);
            assertThat(said(mended)).isEmpty();
        }

        /// On the wall that is nearest, inside of it: at 30 mm of wall the clear space is 0.03 to 2.97 m long and ± 0.87 m wide.
        @ParameterizedTest
        @ValueSource(strings = {"left", "right", "front", "rear"})
        void hangsOnTheNearestWall(String wall) {
            Placement at = switch (wall) {
                case "left" -> new Placement(1.5, -0.5, 0.4, 0);
                case "right" -> new Placement(1.5, 0.5, 0.4, 0);
                case "front" -> new Placement(1.0, 0, 0.4, 0);
                default -> new Placement(2.0, 0, 0.4, Math.PI);
            };
            Design d = of(List.of(person("ada")), bed(0.7, 0).with(at), from("battery-200-ah-lithium", 2.8, 0, 0),
                    from("fuse-panel-and-main-switch", 2.6, 0.6, 0.5));
            Design mended = Remedies.of(Analysis.of(d), said(d).orElseThrow()).getFirst().edit().apply(d);

            for (Thing t : mended.things().subList(3, 7)) {
                Solid s = Solid.of(t.size(), t.place());
                double off = switch (wall) {
                    case "left" -> s.minY() + 0.87;
                    case "right" -> 0.87 - s.maxY();
                    case "front" -> s.minX() - 0.03;
                    default -> 2.97 - s.maxX();
                };
                assertThat(off).as(t.name()).isEqualTo(0, within(1e-9));
                assertThat(s.minX()).as(t.name()).isGreaterThan(0.029);
                assertThat(s.maxX()).as(t.name()).isLessThan(2.971);
            }
            assertThat(Analysis.of(mended).figures().value("berth.ada.reach")).isEqualTo(4);
        }

        /// A lamp that nobody reaches is moved; a telephone that is charged elsewhere is not counted twice.
        @Test
        void takesWhatIsThere() {
            Design d = bare.plus(from("battery-200-ah-lithium", 2.6, 0, 0)).plus(from("reading-lamp", 2.6, 0.6, 1.2))
                    .plus(from("usb-socket-double", 2.6, 0, 0.8));

            Remedy r = Remedies.of(Analysis.of(d), said(d).orElseThrow()).getFirst();

            assertThat(r.says().text(Style.PLAIN))
                    .startsWith("Move Reading lamp to the end of the bed of ada; with 12 V socket");
            Design mended = r.edit().apply(d);
            assertThat(mended.things().stream().filter(t -> t.has(Electric.Lamp.class))).hasSize(1);
            assertThat(Analysis.of(mended).figures().value("power.use"))
                    .isEqualTo(Analysis.of(d).figures().value("power.use"), within(1e-6));
        }

        @Test
        void isSaidOfNobodyWithoutPeople() {
            assertThat(said(of(List.of(), bed(0.7, 0)))).isEmpty();
        }
    }

    /// Who reads is lit where the head is, whatever the bed is called and however it stands.
    @Test
    void readingIsLitAtThePillow() {
        for (double yaw : new double[]{0, Math.PI / 2, Math.PI}) {
            Design d = of(List.of(person("ada")), bed(0.7, yaw));
            Pillow p = pillows(d).getFirst();
            Design near = d.plus(from("led-spot", p.x(), p.y(), 1.2));
            Design far = d.plus(from("led-spot", 3 - p.x(), -p.y(), 1.2));

            assertThat(light(near)).as("turned by " + yaw).isGreaterThan(2 * light(far));
        }
    }

    /// At who reads, as the table of places says \[lx\].
    private static double light(Design d) {
        return Analysis.of(d).of(LightStudies.DISCIPLINE).all().getFirst().listings().getFirst().rows().stream()
                .map(row -> row.stream().map(c -> c.text(Style.PLAIN)).toList())
                .filter(row -> row.getFirst().equals("ada")).mapToDouble(row -> Double.parseDouble(row.get(2)))
                .findFirst().orElseThrow();
    }
}

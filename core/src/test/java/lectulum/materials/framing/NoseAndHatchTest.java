package lectulum.materials.framing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import lectulum.analysis.Analysis;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.base.Carcass;
import lectulum.design.base.Shell;
import lectulum.kernel.profile.Nose;
import lectulum.kernel.takeoff.StudWall;
import lectulum.materials.cutting.CutPlans;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class NoseAndHatchTest {
    private static final Design DUNLIN = Campers.demo("dunlin").orElseThrow().design();

    private static Design nosed(Nose.Form form, double depth, double flat) {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        Shell n = d.base().shell();
        return d.with(d.base().with(new Shell.Nosed(n.length(), n.width(), n.height(), depth, flat, form))
                .withCarcass(d.base().carcass().with(Carcass.Face.FRONT,
                        Optional.of(new Carcass.Framing(List.of(-0.4, 0.4), 0.025, 0.025, false)))));
    }

    private static List<ShellFrame.Piece> front(Design d, StudWall.Kind kind) {
        return ShellFrame.of(d).pieces().stream()
                .filter(p -> p.face() == Carcass.Face.FRONT && p.what().equals(kind.label())).toList();
    }

    /// A V of depth e and flat f on a width w: two legs of √(e² + ((w − f)/2)²) and the flat.
    @Test
    void platesOfAVAreAsLongAsItsLegs() {
        Design d = nosed(Nose.Form.VEE, 0.6, 0.5);
        double half = d.base().shell().width() / 2;
        double leg = Math.hypot(0.6, half - 0.25);

        List<ShellFrame.Piece> plates = front(d, StudWall.Kind.TOP_PLATE);

        assertThat(plates).hasSize(3);
        assertThat(plates.get(0).length()).isCloseTo(leg, within(1e-6));
        assertThat(plates.get(1).length()).isCloseTo(0.5, within(1e-6));
        assertThat(plates.get(2).length()).isCloseTo(leg, within(1e-6));
        assertThat(plates.getFirst().x()).as("middle of a leg").isCloseTo(0.3, within(1e-6));
        ShellFrame.Piece stud = front(d, StudWall.Kind.STUD).stream().filter(p -> Math.abs(p.y() + 0.4) < 0.02)
                .findFirst().orElseThrow();
        assertThat(stud.x()).as("on the leg").isCloseTo(0.6 * (0.4 - 0.25) / (half - 0.25), within(0.02));
    }

    @Test
    void aSharpVHasTwoLegs() {
        assertThat(front(nosed(Nose.Form.VEE, 0.5, 0), StudWall.Kind.BOTTOM_PLATE)).hasSize(2);
    }

    /// Straight pieces along a curve are together a little shorter than it.
    @ParameterizedTest
    @EnumSource(value = Nose.Form.class, names = {"ARC", "ELLIPSE"})
    void platesOfARoundNoseFollowItClosely(Nose.Form form) {
        Design d = nosed(form, 0.5, 0);
        double half = d.base().shell().width() / 2;
        double exact = form == Nose.Form.ELLIPSE ? ellipse(half, 0.5) / 2 : arc(half, 0.5);

        double sum = front(d, StudWall.Kind.TOP_PLATE).stream().mapToDouble(ShellFrame.Piece::length).sum();

        assertThat(sum).isLessThan(exact + 1e-3).isGreaterThan(0.98 * exact);
    }

    /// All round, by Ramanujan's formula.
    private static double ellipse(double a, double b) {
        double h = Math.pow((a - b) / (a + b), 2);
        return Math.PI * (a + b) * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)));
    }

    private static double arc(double half, double depth) {
        double r = (half * half + depth * depth) / (2 * depth);
        return 2 * r * Math.asin(half / r);
    }

    @Test
    void aBluntFrontIsAStraightWall() {
        Design d = nosed(Nose.Form.VEE, 0, 0.5);

        assertThat(front(d, StudWall.Kind.TOP_PLATE)).hasSize(1);
        assertThat(NoseLine.of(d.base()).x(0.7)).isZero();
    }

    @Test
    void ribsOfAHatchAreStripsUnderTheProfile() {
        ShellFrame f = ShellFrame.of(DUNLIN);
        HatchRib rib = HatchRib.of(DUNLIN, 0.060).orElseThrow();

        assertThat(f.ribs()).hasSize(4);
        assertThat(rib.area()).as("length × depth of a strip that bends gently").isCloseTo(rib.length() * 0.060,
                within(0.1 * rib.length() * 0.060));
        double deepest = rib.blank().stream().mapToDouble(p -> p[1]).max().orElse(0);
        double longest = rib.blank().stream().mapToDouble(p -> p[0]).max().orElse(0);
        assertThat(longest).isGreaterThan(deepest).isLessThan(rib.length() + 0.06);
        assertThat(f.pieces()).filteredOn(p -> p.face() == Carcass.Face.REAR).extracting(ShellFrame.Piece::what)
                .containsExactly("bar at the hinge", "bar at the lip");
    }

    @Test
    void ribsAreCutFromPlywoodOfTheirThickness() {
        assertThat(Analysis.of(DUNLIN).of(CutPlans.DISCIPLINE).lots().stream()
                .filter(l -> l.ware().sheet() && Math.abs(l.ware().thick() - 0.018) < 1e-6)
                .flatMap(l -> l.pieces().stream()).filter(p -> p.where().equals("rib of the hatch"))).hasSize(4);
    }

    @Test
    void twiceAsManyRibsWeighTwice() {
        Carcass.Framing rear = DUNLIN.base().carcass().framing().get(Carcass.Face.REAR);
        Design doubled = DUNLIN.with(DUNLIN.base().withCarcass(DUNLIN.base().carcass().with(Carcass.Face.REAR,
                Optional.of(rear.plies(2)))));

        double one = ShellFrame.of(DUNLIN).ribs().stream().mapToDouble(ShellFrame.Rib::mass).sum();

        assertThat(one).isPositive();
        assertThat(ShellFrame.of(doubled).ribs().stream().mapToDouble(ShellFrame.Rib::mass).sum()).isCloseTo(2 * one,
                within(1e-9));
    }

    @Test
    void membersOfANoseStandOnItsLine() {
        assertThat(Members.of(nosed(Nose.Form.VEE, 0.6, 0.5)).stream()
                .filter(m -> m.face() == Carcass.Face.FRONT)).hasSize(2)
                .allSatisfy(m -> assertThat(m.from().x()).isPositive().isEqualTo(m.to().x()));
        assertThat(Members.of(DUNLIN).stream().filter(m -> m.face() == Carcass.Face.REAR)).hasSize(4)
                .allSatisfy(m -> assertThat(m.to().x()).as("the hinge is before the lip").isLessThan(m.from().x()));
    }
}

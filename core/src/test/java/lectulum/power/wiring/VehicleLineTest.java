package lectulum.power.wiring;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static lectulum.Told.everyRemedyMends;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.OptionalDouble;
import lectulum.analysis.Analysis;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.design.feature.Electric;
import lectulum.design.thing.Battery;
import lectulum.design.thing.Fix;
import lectulum.design.thing.Load;
import lectulum.design.thing.Placement;
import lectulum.design.thing.Size;
import lectulum.design.thing.SystemGroup;
import lectulum.design.thing.Thing;
import lectulum.figures.Finding;
import lectulum.kernel.electric.ChargeLine;
import lectulum.power.RoadCharge;
import lectulum.units.Style;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What reaches the bank from the vehicle, converted or straight, and what is said of it.
class VehicleLineTest {
    private static final double FIXED = 14;

    private static Thing cells(Battery.Chemistry kind, double wattHours) {
        return thing("cells", 12, 0.5, 0.5).with(new Battery(wattHours * 3600, kind));
    }

    private static Thing joined(Electric.From from, double amps) {
        return thing("joint", 1, 0.6, 0.6).with(new Size(0.2, 0.2, 0.1)).with(new Placement(0.6, 0.6, 0.7, 0))
                .with(SystemGroup.ELECTRICAL)
                .with(new Electric.Charger(from, amps, OptionalDouble.of(14.2), true, 11));
    }

    private static Design camper(Thing... things) {
        return box(things);
    }

    private static Design contacts(Design d, double ohms) {
        return d.with(d.settings().with(Assumption.LINE_CONTACTS.id(), ohms));
    }

    private static VehicleLine line(Design d) {
        return Wired.of(d).lines().getFirst();
    }

    /// Both wires as they are cut, and the contacts.
    private static double ohms(Design d, double contacts) {
        Run r = Harness.of(d).of(Run.Kind.VEHICLE).getFirst();
        double copper = 0.0172e-6 * (1 + 0.00393 * (50 - 20));
        assertThat(r.wire().orElseThrow().resistance(50)).isCloseTo(
                copper / (r.wire().orElseThrow().area() * 1e-6), within(0.05 * r.wire().orElseThrow().resistance(50)));
        return 2 * r.cut() * r.wire().orElseThrow().resistance(50) + contacts;
    }

    private static Finding said(Design d, WiringRules rule) {
        return Analysis.of(d).findings().stream().filter(f -> f.rule() == rule).findFirst().orElseThrow();
    }

    @Nested
    class Straight {
        /// 100 Ah of lithium iron are at 13.133 V half full (a third of the way from 13.10 at 0.40 to 13.20 at 0.70) and at 12.95 V
        /// four fifths empty, with 2.5 mΩ inside.
        @Test
        void flowsWhatLineAndBankLet() {
            Design d = contacts(camper(cells(Battery.Chemistry.LITHIUM_IRON, 1280), joined(Electric.From.RELAY, 30)),
                    0.012);
            double all = ohms(d, 0.012) + 0.0025;
            VehicleLine l = line(d);

            assertThat(l.straight()).isTrue();
            assertThat(l.fixed().amps()).isEqualTo((FIXED - (13.1 + 0.1 / 3)) / all, within(1e-9));
            assertThat(l.most()).isEqualTo((FIXED - 12.95) / all, within(1e-9));
            assertThat(l.coasting().amps()).as("12.6 V are below the bank").isZero();
            assertThat(l.coasting().out()).isZero();
        }

        @ParameterizedTest
        @EnumSource(Battery.Chemistry.class)
        void theVehiclesPowerIsHeatAndCharge(Battery.Chemistry kind) {
            Design d = camper(cells(kind, 1200), joined(Electric.From.RELAY, 30));
            VehicleLine l = line(d);

            assertThat(FIXED * l.fixed().amps()).isEqualTo(l.lost(d) + l.fixed().out(), within(1e-9));
            assertThat(l.most()).isGreaterThanOrEqualTo(l.fixed().amps());
        }

        @Test
        void intoEmptyLithiumThroughAFatLineFlowsTooMuch() {
            Design d = contacts(camper(cells(Battery.Chemistry.LITHIUM_IRON, 1280), joined(Electric.From.RELAY, 60)),
                    0.001);

            Finding f = said(d, WiringRules.STRAIGHT);
            assertThat(f.title().text(Style.PLAIN)).startsWith("Straight from the vehicle ")
                    .endsWith(" flow into an empty bank");
            assertThat(line(d).most()).isGreaterThan(50);
            everyRemedyMends(Analysis.of(d), WiringRules.STRAIGHT);
        }

        @Test
        void intoLeadThroughAThinPinFlowsTooLittle() {
            Design d = contacts(camper(cells(Battery.Chemistry.FLOODED, 7200), joined(Electric.From.RELAY, 20)), 0.1);

            Finding f = said(d, WiringRules.STRAIGHT);
            assertThat(f.title().text(Style.PLAIN)).startsWith("Straight from the vehicle only ");
            assertThat(line(d).fixed().amps()).isLessThan(600 / 20.0);
            everyRemedyMends(Analysis.of(d), WiringRules.STRAIGHT);
        }

        @Test
        void intoTwentyFourVoltsNothingFlows() {
            Thing bank = cells(Battery.Chemistry.AGM, 2400).with(new Electric.Blocks(12, 2, 1, 0, 0, false));
            Design d = camper(bank, joined(Electric.From.RELAY, 20));

            assertThat(line(d).most()).isZero();
            assertThat(said(d, WiringRules.STRAIGHT).title().text(Style.PLAIN))
                    .isEqualTo("Nothing flows from the vehicle into the bank");
            everyRemedyMends(Analysis.of(d), WiringRules.STRAIGHT);
        }

        @Test
        void aLineThatSuitsTheBankIsNotSpokenOf() {
            Design d = contacts(camper(cells(Battery.Chemistry.FLOODED, 1440), joined(Electric.From.RELAY, 20)), 0.1);

            assertThat(line(d).most()).isBetween(6.0, 15.6);
            assertThat(Analysis.of(d).findings()).noneMatch(f -> f.rule() == WiringRules.STRAIGHT);
        }
    }

    @Nested
    class Converted {
        /// What goes in, less the converter's loss, comes out; what the vehicle gives is that and the heat of the line.
        @ParameterizedTest
        @ValueSource(doubles = {0.001, 0.012, 0.05, 0.1})
        void powerIsKept(double contacts) {
            Design d = contacts(camper(cells(Battery.Chemistry.LITHIUM_IRON, 1280), joined(Electric.From.VEHICLE, 30)),
                    contacts);
            VehicleLine l = line(d);
            ChargeLine.Flow flow = l.fixed();

            assertThat(0.88 * flow.in() * flow.amps()).isEqualTo(flow.out(), within(1e-9));
            assertThat(FIXED * flow.amps()).isEqualTo(l.lost(d) + flow.in() * flow.amps(), within(1e-9));
            assertThat(flow.out()).isLessThanOrEqualTo(30 * 14.2 + 1e-9);
            assertThat(l.coasting().out()).isLessThanOrEqualTo(flow.out());
        }
    }

    /// Trips and years count on no more than the wires let through.
    @Nested
    class OnTheRoad {
        private final Thing lamp = thing("lamp", 1, 1, 0).with(new Load(30, 6 * 3600, Load.Feed.BATTERY))
                .with(Fix.FIXED);

        private Analysis with(Electric.From from, double contacts) {
            Design d = contacts(camper(cells(Battery.Chemistry.LITHIUM_IRON, 1280), joined(from, 30), lamp), contacts);
            return Analysis.of(d.with(d.settings().with(Assumption.YEAR_DRIVE.id(), 3 * 3600)));
        }

        private double driving(Analysis a) {
            return a.figures().find("power.trip.driving").map(f -> f.value().orElse(0)).orElse(0.0);
        }

        @Test
        void aThinLineBringsLess() {
            Analysis good = with(Electric.From.VEHICLE, 0.006);
            Analysis bad = with(Electric.From.VEHICLE, 0.1);

            assertThat(bad.of(RoadCharge.DISCIPLINE).watts()).isLessThan(good.of(RoadCharge.DISCIPLINE).watts() * 0.7);
            assertThat(driving(bad)).isPositive().isLessThan(driving(good));
            assertThat(good.of(RoadCharge.DISCIPLINE).watts()).as("all that the charger says, at 13.5 V")
                    .isEqualTo(30 * 13.5, within(1e-9));
        }

        @Test
        void aRelayChargesToo() {
            Analysis a = with(Electric.From.RELAY, 0.012);

            assertThat(driving(a)).isPositive();
            assertThat(a.of(RoadCharge.DISCIPLINE).watts())
                    .isEqualTo(13.5 * a.figures().value("power.vehicle.joint.amps"), within(1e-9));
            assertThat(a.figures().value("power.vehicle.fill")).as("usable / (W × efficiency)").isEqualTo(
                    1280 * 0.8 * 3600 / (a.of(RoadCharge.DISCIPLINE).watts() * 0.95), within(1e-6));
        }

        @Test
        void nothingLeadsToAVehicleWithoutACharger() {
            Analysis a = Analysis.of(camper(cells(Battery.Chemistry.AGM, 1200), lamp));

            assertThat(a.of(RoadCharge.DISCIPLINE)).isEqualTo(RoadCharge.NONE);
            assertThat(a.of(Wired.DISCIPLINE).lines()).isEqualTo(List.of());
        }
    }
}

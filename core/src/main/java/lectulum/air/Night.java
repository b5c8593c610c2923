package lectulum.air;

import java.util.ArrayList;
import java.util.List;
import lectulum.assumed.Assumed;
import lectulum.assumed.Assumption;
import lectulum.design.Design;
import lectulum.kernel.air.Breath;
import lectulum.kernel.air.Openings;
import lectulum.kernel.air.WetPanes;
import lectulum.kernel.heat.BuildUp;
import lectulum.kernel.heat.TwoNodes;
import lectulum.weather.Outside;

/// The coldest night from six in the evening to eight in the morning: warmth, breath and damp, quarter by quarter of an hour.
///
/// Air and mass by the two nodes; carbon dioxide of one mixed room; water on panes as it settles in each quarter, none of it
/// taken up again. Vapour and carbon dioxide are carried by what changes by itself and what goes through the vents.
///
/// @param quarters  one after another
/// @param warm      given by the heater \[J\]
/// @param water     on panes \[kg\]
/// @param morning   at eight \[°C\]
/// @param least     lowest of the air \[°C\]
/// @param worst     highest carbon dioxide \[ppm\]
record Night(List<Quarter> quarters, double warm, double water, double morning, double least, double worst) {
    static final int FROM = 18;
    static final int STEPS = 56;
    private static final double BED = 22;
    private static final double UP = 7;
    private static final double SWING = 4;

    /// @param hour   at its end, counted on past midnight
    /// @param power  of the heater \[W\]
    /// @param dioxide \[ppm\]
    /// @param humid  0 to 1
    record Quarter(double hour, double outside, double air, double mass, double power, double dioxide, double humid,
            double water) {
    }

    Night {
        quarters = List.copyOf(quarters);
    }

    /// @param most of the heater \[W\]; 0 without
    /// @param open whether the vents are open
    static Night of(Design d, Cabin c, double most, boolean open) {
        Vents vents = Vents.of(d);
        double day = Assumed.value(d, Assumption.AIR_DAY);
        double set = Assumed.value(d, Assumption.AIR_NIGHT);
        double coldest = Outside.coldest(d);
        double humid = Assumed.value(d, Assumption.AIR_HUMID);
        Sleepers asleep = Sleepers.of(d.brief(), Sleepers.Doing.ASLEEP);
        Sleepers seated = Sleepers.of(d.brief(), Sleepers.Doing.SEATED);
        double own = c.changes() * c.volume() / 3600;
        TwoNodes.State state = new TwoNodes.State(Math.max(day, coldest),
                (Math.max(day, coldest) + coldest + SWING) / 2);
        double ppm = Breath.OUTSIDE;
        List<Quarter> all = new ArrayList<>();
        double warm = 0;
        double wet = 0;
        double least = state.air();
        double worst = ppm;
        for (int i = 0; i < STEPS; i++) {
            double hour = FROM + (i + 0.5) / 4;
            double out = TwoNodes.swing(coldest + SWING, SWING, hour);
            boolean bed = hour >= BED && hour < 24 + UP;
            Sleepers now = bed ? asleep : seated;
            double through = open ? vents.flow(state.air(), out) : 0;
            double change = c.changing() + Openings.carries(through, c.altitude());
            TwoNodes nodes = c.nodes(bed, change);
            TwoNodes.Stepped next = nodes.step(state, new TwoNodes.Round(out, out, now.heat()),
                    new TwoNodes.Thermostat(bed ? set : day, most, 1));
            state = next.state();
            warm += next.power() * TwoNodes.STEP;
            double flow = own + through;
            ppm = c.volume() > 0
                    ? new Breath(c.volume(), now.breath()).after(ppm, flow, TwoNodes.STEP)
                    : Breath.OUTSIDE;
            WetPanes.Settled s = settled(c, state.air(), out, humid, now.vapour(), flow, bed);
            wet += s.water() * TwoNodes.STEP;
            least = Math.min(least, state.air());
            worst = Math.max(worst, ppm);
            all.add(new Quarter(FROM + (i + 1) / 4.0, out, state.air(), state.mass(), next.power(), ppm, s.humid(),
                    s.water() * TwoNodes.STEP));
        }
        return new Night(all, warm, wet, state.air(), least, worst);
    }

    /// Panes and damp in a room that has settled.
    static WetPanes.Settled settled(Cabin c, double inside, double outside, double humid, double vapour, double flow,
            boolean night) {
        WetPanes w = new WetPanes(inside, Math.min(inside, outside), humid, vapour);
        return w.settle(flow, c.panes().stream()
                .map(p -> WetPanes.Pane.of(p.area(), night ? p.night() : p.u(), BuildUp.WALL, inside,
                        Math.min(inside, outside)))
                .toList());
    }
}

package lectulum.trip;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import lectulum.air.Cabin;
import lectulum.design.Design;
import lectulum.design.Mode;
import lectulum.design.outing.Outing;
import lectulum.design.outing.OutingDay;
import lectulum.kernel.weather.SplitMix;
import lectulum.power.RoadCharge;
import lectulum.power.wiring.Wired;
import lectulum.water.Senders;
import lectulum.water.Water;

/// A trip as it would truly have gone: the use of water and what walls and panes lose differ from the plan by what a seed hides.
/// For senders and a weather station that stand in for real ones.
///
/// @param use  of water, of what the plan says
/// @param loss of walls and panes, of what the plan says
public record TrueCamp(double use, double loss, List<Hour> hours) {
    private static final double USE_ERROR = 0.15;
    private static final double LOSS_ERROR = 0.15;

    public TrueCamp {
        hours = List.copyOf(hours);
    }

    /// At the end of an hour.
    ///
    /// @param humid 0 to 1, NaN where there is no cabin
    /// @param heat  of the heater \[W\]
    public record Hour(double outside, double inside, double humid, double heat, List<Tank> tanks) {
    }

    /// A tank as it stands.
    ///
    /// @param volume in it \[m³\]
    /// @param ohms   of its sender, where it has a resistive one
    public record Tank(String thing, double volume, OptionalDouble ohms) {
    }

    /// @param days of the month of the brief; water is filled up before it runs out
    public static TrueCamp of(Design d, int days, long seed) {
        SplitMix chance = new SplitMix(seed);
        double use = Math.clamp(1 + USE_ERROR * chance.normal(), 0.6, 1.6);
        double loss = Math.clamp(1 + LOSS_ERROR * chance.normal(), 0.6, 1.6);
        Water water = Water.of(d);
        double lasts = water.figures().find("water.days").flatMap(f -> f.value().stream().boxed().findFirst())
                .orElse(1.0) / use;
        int every = (int) Math.max(1, Math.floor(lasts));
        List<OutingDay> all = new ArrayList<>();
        for (int i = 0; i < days; i++) {
            boolean fills = i > 0 && i % every == 0;
            all.add(OutingDay.USUAL.withUse(use).withFills(fills).withEmpties(fills));
        }
        Rehearsal r = Rehearsal.of(d, new Outing("true", "true", all), Cabin.of(d, Mode.NIGHT).losing(loss), water,
                RoadCharge.of(d, Wired.of(d)), Optional.empty(), 1);
        List<Hour> hours = new ArrayList<>();
        for (int h = 0; h < r.hours().size(); h++) {
            Rehearsal.Hour x = r.hours().get(h);
            hours.add(new Hour(x.outside(), x.inside(), x.humid(), x.heat(), tanks(d, r, h)));
        }
        return new TrueCamp(use, loss, hours);
    }

    private static List<Tank> tanks(Design d, Rehearsal r, int hour) {
        return r.filled(d, hour).stream().filter(f -> f.thing().tank().filter(k -> switch (k.use()) {
            case FRESH, GREY, BLACK -> true;
            case GAS, PETROL, DIESEL -> false;
        }).isPresent()).map(f -> {
            double in = f.in().value() + Senders.stays(f.thing());
            return new Tank(f.thing().id(), in, Senders.ohms(f.thing(), in));
        }).toList();
    }
}

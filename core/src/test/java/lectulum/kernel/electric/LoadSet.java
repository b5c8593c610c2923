package lectulum.kernel.electric;

import java.util.ArrayList;
import java.util.List;
import lectulum.assumed.Chemistries;
import lectulum.design.thing.Battery;
import lectulum.kernel.electric.Appliance.Duty;
import lectulum.kernel.electric.Appliance.Feed;
import lectulum.kernel.electric.Appliance.When;

/// A camper's usual loads, by which the examples are worked: fridge, lights, fan, pump, telephones, alarm, laptop.
final class LoadSet {
    static final Supply SUPPLY = Supply.SUN.withInverter(9, 0.92, false);
    /// 220 W on a tracking controller of 20 A, framed, no shade.
    static final SolarArray ARRAY = new SolarArray(220, 0, 50, 0, 2, true, 20);

    private LoadSet() {
    }

    static double[] from(int from, int to) {
        double[] day = new double[24];
        for (int h = from; h != to; h = (h + 1) % 24) {
            day[h] = 1;
        }
        return day;
    }

    static double[] times(double k, double... day) {
        double[] of = day.clone();
        for (int h = 0; h < 24; h++) {
            of[h] *= k;
        }
        return of;
    }

    private static double[] both(double[] a, double[] b) {
        double[] of = a.clone();
        for (int h = 0; h < 24; h++) {
            of[h] = Math.max(a[h], b[h]);
        }
        return of;
    }

    static double[] always() {
        return times(1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1, 1);
    }

    static List<Appliance> all(When fridge) {
        List<Appliance> all = new ArrayList<>();
        all.add(new Appliance(45, 1, Feed.BATTERY, always(), fridge, new Duty.Cooling(.35, .02, .12), 0, false));
        all.add(new Appliance(3.5, 6, Feed.BATTERY, from(20, 23), When.CAMPED, Appliance.ALL, 0, false));
        all.add(new Appliance(24, 1, Feed.BATTERY, both(from(13, 17), from(22, 0)), When.CAMPED, Appliance.ALL, 0,
                false));
        all.add(new Appliance(70, 1, Feed.BATTERY, times(0.02, from(7, 22)), When.CAMPED, Appliance.ALL, 0, false));
        all.add(new Appliance(18, 1, Feed.BATTERY, from(19, 22), When.OCCUPIED, Appliance.ALL, 0.3, false));
        all.add(new Appliance(1.2, 1, Feed.BATTERY, always(), When.ALWAYS, Appliance.ALL, 0, false));
        all.add(new Appliance(60, 1, Feed.INVERTER, from(16, 18), When.CAMPED, Appliance.ALL, 0, false));
        return all;
    }

    static Bank agm(double ampereHours, int parallel) {
        return new Bank(Chemistries.of(Battery.Chemistry.AGM), ampereHours, 12, 1, parallel);
    }

    static Bank lithium(double ampereHours) {
        return new Bank(Chemistries.of(Battery.Chemistry.LITHIUM_IRON), ampereHours, 12, 1, 1);
    }
}

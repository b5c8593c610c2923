package lectulum.journey;

import java.util.ArrayList;
import java.util.List;
import lectulum.balance.Balance;
import lectulum.design.Design;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.layout.Layout;
import lectulum.water.Water;
import lectulum.workshop.Study;

/// What happens to the loaded trailer: on the trip while supplies are used, on its ratings, uncoupled in camp, on the hitch,
/// in a turn, and at speed.
///
/// A design without an axle behind the ball, or in which nothing travels, gives no study.
public record Journey(List<Study> studies, Figures figures, List<Finding> findings) {

    public static Journey of(Design design, Layout layout, Balance balance, Water water) {
        List<Study> studies = new ArrayList<>();
        Rig.of(design, layout, balance).ifPresent(rig -> {
            studies.addAll(TripStudies.of(rig, water));
            studies.addAll(WeighStudies.of(rig));
            studies.addAll(RatingStudies.of(rig, balance));
            studies.addAll(CampStudies.of(rig));
            studies.addAll(HitchStudies.of(rig));
            studies.addAll(TurningStudies.of(rig));
            studies.addAll(RoadStudies.of(rig));
        });
        return new Journey(List.copyOf(studies),
                Figures.of(studies.stream().flatMap(s -> s.figures().stream()).toList()),
                studies.stream().flatMap(s -> s.findings().stream()).toList());
    }

    public List<Study> about(Study.Topic topic) {
        return studies.stream().filter(s -> s.topic() == topic).toList();
    }
}

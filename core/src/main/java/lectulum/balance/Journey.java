package lectulum.balance;

import java.util.ArrayList;
import java.util.List;
import lectulum.balance.camp.CampStudies;
import lectulum.balance.hitch.HitchStudies;
import lectulum.balance.ratings.RatingStudies;
import lectulum.balance.road.RoadStudies;
import lectulum.balance.trip.TripStudies;
import lectulum.balance.turning.TurningStudies;
import lectulum.balance.weigh.WeighStudies;
import lectulum.design.Design;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.drawing.Study;
import lectulum.layout.Layout;
import lectulum.water.Water;

/// What happens to the loaded trailer: on the trip while supplies are used, on its ratings, uncoupled in camp, on the hitch,
/// in a turn, and at speed.
///
/// A design without an axle behind the ball, or in which nothing travels, gives no study.
public record Journey(List<Study> studies, Figures figures, List<Finding> findings) {

    private static final List<Study.Topic> TOPICS = List.of(Study.Topic.TRIP, Study.Topic.WEIGH, Study.Topic.RATINGS,
            Study.Topic.CAMP, Study.Topic.HITCH, Study.Topic.TURNING, Study.Topic.ROAD);

    public static Journey of(Design design, Layout layout, Balance balance, Water water) {
        List<Study> studies = new ArrayList<>();
        Rig.of(design, layout, balance).ifPresent(rig -> TOPICS.forEach(
                topic -> studies.addAll(about(topic, rig, balance, water))));
        return new Journey(List.copyOf(studies),
                Figures.of(studies.stream().flatMap(s -> s.figures().stream()).toList()),
                studies.stream().flatMap(s -> s.findings().stream()).toList());
    }

    /// The studies of one topic alone, for whoever asks about nothing else.
    public static List<Study> about(Study.Topic topic, Design design, Layout layout, Balance balance, Water water) {
        return Rig.of(design, layout, balance).map(rig -> about(topic, rig, balance, water)).orElse(List.of());
    }

    private static List<Study> about(Study.Topic topic, Rig rig, Balance balance, Water water) {
        return switch (topic) {
            case TRIP -> TripStudies.of(rig, water);
            case WEIGH -> WeighStudies.of(rig);
            case RATINGS -> RatingStudies.of(rig, balance);
            case CAMP -> CampStudies.of(rig);
            case HITCH -> HitchStudies.of(rig);
            case TURNING -> TurningStudies.of(rig);
            case ROAD -> RoadStudies.of(rig);
            case SURVEY, SHELL, WALLS, FRAME, GEAR, MECHANISM, LOADING, OUTSIDE -> List.of();
        };
    }

    public List<Study> about(Study.Topic topic) {
        return studies.stream().filter(s -> s.topic() == topic).toList();
    }
}

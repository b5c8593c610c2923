package lectulum.analysis;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import lectulum.balance.Balance;
import lectulum.base.frame.FrameStudy;
import lectulum.base.gear.GearStudies;
import lectulum.base.profile.ShellStudies;
import lectulum.base.survey.SurveyStudies;
import lectulum.base.walls.WallStudies;
import lectulum.design.Design;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.figures.drawing.Study;
import lectulum.layout.Layout;
import lectulum.layout.loading.LoadingStudies;
import lectulum.layout.moving.PartStudies;
import lectulum.layout.moving.StrutStudies;
import lectulum.layout.outside.OutsideStudies;

/// Everything about the body and its moving parts that is measured, cut, bent, hung, loaded or swung.
///
/// A design in which nothing of that is known gives the studies of its shell and of its outside, and nothing else.
public record Workshop(List<Study> studies, Figures figures, List<Finding> findings) {

    private static final List<Study.Topic> TOPICS = List.of(Study.Topic.SURVEY, Study.Topic.SHELL, Study.Topic.WALLS,
            Study.Topic.FRAME, Study.Topic.GEAR, Study.Topic.MECHANISM, Study.Topic.LOADING, Study.Topic.OUTSIDE);

    public static Workshop of(Design design, Layout layout, Balance balance) {
        List<Study> studies = new ArrayList<>();
        TOPICS.forEach(topic -> studies.addAll(about(topic, design, layout, balance)));
        List<Figure> figures = studies.stream().flatMap(s -> s.figures().stream()).toList();
        return new Workshop(List.copyOf(studies), Figures.of(figures),
                studies.stream().flatMap(s -> s.findings().stream()).toList());
    }

    /// The studies of one topic alone, for whoever asks about nothing else.
    public static List<Study> about(Study.Topic topic, Design design, Layout layout, Balance balance) {
        return switch (topic) {
            case SURVEY -> SurveyStudies.of(design, layout.body());
            case SHELL -> ShellStudies.of(design, layout);
            case WALLS -> WallStudies.of(design, layout.body());
            case FRAME -> FrameStudy.of(design, balance).stream().toList();
            case GEAR -> GearStudies.of(design);
            case MECHANISM -> Stream.concat(StrutStudies.of(design, layout.body()).stream(),
                    PartStudies.of(design, balance).stream()).toList();
            case LOADING -> LoadingStudies.of(design, layout.body());
            case OUTSIDE -> OutsideStudies.of(design, layout);
            case TRIP, WEIGH, RATINGS, CAMP, HITCH, TURNING, ROAD -> List.of();
        };
    }

    public List<Study> about(Study.Topic topic) {
        return studies.stream().filter(s -> s.topic() == topic).toList();
    }
}

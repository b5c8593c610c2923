package lectulum.workshop;

import java.util.ArrayList;
import java.util.List;
import lectulum.balance.Balance;
import lectulum.design.Design;
import lectulum.figures.Figure;
import lectulum.figures.Figures;
import lectulum.figures.Finding;
import lectulum.layout.Layout;

/// Everything about the body and its moving parts that is measured, cut, bent, hung, loaded or swung.
///
/// A design in which nothing of that is known gives the studies of its shell and of its outside, and nothing else.
public record Workshop(List<Study> studies, Figures figures, List<Finding> findings) {

    public static Workshop of(Design design, Layout layout, Balance balance) {
        List<Study> studies = new ArrayList<>();
        studies.addAll(SurveyStudies.of(design, layout.body()));
        studies.addAll(ShellStudies.of(design, layout));
        studies.addAll(WallStudies.of(design, layout.body()));
        studies.addAll(FrameStudy.of(design, balance).stream().toList());
        studies.addAll(GearStudies.of(design));
        studies.addAll(StrutStudies.of(design));
        studies.addAll(PartStudies.of(design, balance));
        studies.addAll(LoadingStudies.of(design, layout.body()));
        studies.addAll(OutsideStudies.of(design, layout));
        List<Figure> figures = studies.stream().flatMap(s -> s.figures().stream()).toList();
        return new Workshop(List.copyOf(studies), Figures.of(figures),
                studies.stream().flatMap(s -> s.findings().stream()).toList());
    }

    public List<Study> about(Study.Topic topic) {
        return studies.stream().filter(s -> s.topic() == topic).toList();
    }
}

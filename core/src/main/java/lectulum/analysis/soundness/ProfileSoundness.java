package lectulum.analysis.soundness;

import java.util.List;
import java.util.Optional;
import lectulum.design.base.Shell;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Subject;
import lectulum.space.ProfileLine;

/// Puts a low box in the place of a profile that is no body, and says so.
final class ProfileSoundness {
    private final List<Finding> findings;

    ProfileSoundness(List<Finding> findings) {
        this.findings = findings;
    }

    /// The shell with its own points where they are those of a body.
    Shell.Profile shell(Shell.Profile s) {
        List<Shell.Profile.Point> points = points(s.points());
        return points == s.points() ? s : new Shell.Profile(s.width(), points);
    }

    private List<Shell.Profile.Point> points(List<Shell.Profile.Point> points) {
        boolean numbers = points.stream()
                .allMatch(p -> Ranges.fault(p).isEmpty());
        double length = points.stream().mapToDouble(Shell.Profile.Point::x).max().orElse(0);
        if (numbers && length >= 0.5 && ProfileLine.of(points).isPresent()) {
            return points;
        }
        Optional<int[]> crossing = numbers ? ProfileLine.crossing(points) : Optional.empty();
        findings.add(Finding.of(SoundRules.ON_BASE, Subject.part("base.shell.points"), Severity.STOP,
                crossing.isPresent()
                        ? Sentence.of("The profile crosses itself")
                        : Sentence.of("The profile is no body"),
                crossing.isPresent()
                        ? Sentence
                                .of("The edge from point {0} crosses the one from point {1}. Until it is mended, a"
                                        + " box is drawn.", crossing.get()[0] + 1, crossing.get()[1] + 1)
                        : Sentence.of("It needs two points at least {0} apart, none twice, all possible. Until it is"
                                + " mended, a box is drawn.", Amount.m(0.5)),
                List.of()));
        double l = Double.isFinite(length) ? Math.clamp(length, 0.5, 12) : 0.5;
        double h = points.stream().mapToDouble(Shell.Profile.Point::z).filter(z -> z >= 0.2 && z <= 4).max()
                .orElse(0.5);
        return List.of(new Shell.Profile.Point(0, h, true, 0), new Shell.Profile.Point(l, h, true, 0));
    }
}

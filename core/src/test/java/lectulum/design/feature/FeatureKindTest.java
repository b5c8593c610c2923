package lectulum.design.feature;

import static lectulum.Samples.box;
import static lectulum.Samples.thing;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import lectulum.analysis.Analysis;
import lectulum.catalogue.FeatureList;
import lectulum.design.Meaning;
import lectulum.design.Mode;
import lectulum.design.Project;
import lectulum.design.thing.Size;
import lectulum.design.thing.Thing;
import lectulum.files.ProjectJson;
import lectulum.files.UnreadableFile;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What things are good for: every kind describes itself, is written, read and checked alike.
class FeatureKindTest {
    private static final Thing THING = thing("t", 20, 1.5, 0).with(new Size(1.2, 0.6, 0.8));

    static Stream<FeatureKind> kinds() {
        return FeatureKind.all().stream();
    }

    @Test
    void thereIsOneForEveryFeature() {
        assertThat(FeatureKind.all().stream().<Class<?>>map(FeatureKind::type).toList())
                .containsExactlyInAnyOrderElementsOf(leaves(Feature.class).toList());
        assertThat(FeatureKind.all()).extracting(FeatureKind::label).doesNotHaveDuplicates();
    }

    private static Stream<Class<?>> leaves(Class<?> sealed) {
        return sealed.isRecord()
                ? Stream.of(sealed)
                : Arrays.stream(sealed.getPermittedSubclasses()).flatMap(FeatureKindTest::leaves);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void theUsualOneIsSoundAndKeepsItsValues(FeatureKind kind) {
        Feature usual = kind.usual(THING);

        assertThat(FeatureKind.of(usual)).isSameAs(kind);
        assertThat(Analysis.of(box(THING.with(usual))).findings()).noneMatch(f -> f.id().startsWith("sound."));
        assertThat(kind.make(kind.slots().stream().map(s -> s.get(usual)).toList())).isEqualTo(usual);
        assertThat(kind.label()).isNotBlank();
        assertThat(kind.slots()).allMatch(s -> !s.label().isBlank());
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void itGoesThroughTextAndFileUnchanged(FeatureKind kind) throws UnreadableFile {
        Feature usual = kind.usual(THING);

        String text = FeatureList.text(List.of(usual));
        assertThat(FeatureList.text(FeatureList.parse(text))).isEqualTo(text);
        Project project = Project.of("x", box(THING.with(usual)));
        assertThat(ProjectJson.read(ProjectJson.write(project, null)).project()).isEqualTo(project);
    }

    @ParameterizedTest
    @MethodSource("kinds")
    void aNumberOutOfRangeIsFoundAndTheFeatureLeftOut(FeatureKind kind) {
        Feature usual = kind.usual(THING);
        Optional<Meaning> number = kind.slots().stream().filter(s -> s.type() == double.class).findFirst();
        if (number.isEmpty()) {
            return;
        }
        Feature wrong = kind.with(usual, number.get(), Double.NaN);

        Analysis analysis = Analysis.of(box(THING.with(wrong)));
        assertThat(analysis.findings()).anyMatch(f -> f.id().equals("sound.things.t." + kind.word())
                && f.detail().toString().contains("possible is"));
        assertThat(analysis.design().thing("t").orElseThrow().features()).isEmpty();
    }

    @Test
    void nonsenseInAListIsRefusedWithAReason() {
        assertThat(FeatureList.text(List.of(new Feature.Seat(2), new Feature.Timed(Double.NaN))))
                .as("what cannot be is written")
                .isEqualTo("seat 2; timed NaN");
        assertThatThrownBy(() -> FeatureList.parse("wings 3")).hasMessageContaining("wings");
        assertThatThrownBy(() -> FeatureList.parse("bed 1900")).hasMessageContaining("too few");
        assertThatThrownBy(() -> FeatureList.parse("drawer SIDEWAYS 300")).hasMessageContaining("SIDEWAYS");
    }

    @Test
    void aThingHasItsOwnPlaceAndShapeInAMode() {
        Thing table = THING.placed(Mode.CAMP,
                THING.place().moved(0.4, 0, 0.7).shaped(Optional.of(new Size(0.9, 0.6, 0.03))));

        assertThat(table.sizeIn(Mode.ROAD)).isEqualTo(THING.size());
        assertThat(table.sizeIn(Mode.CAMP)).isEqualTo(new Size(0.9, 0.6, 0.03));
        assertThat(table.sizeIn(Mode.NIGHT)).isEqualTo(new Size(0.9, 0.6, 0.03));
        assertThat(table.placedAsBefore(Mode.CAMP)).isEqualTo(THING);
        assertThat(table.at(Mode.CAMP).turned(Math.PI / 2).shape()).isPresent();
    }
}

package lectulum.figures;

import static org.assertj.core.api.Assertions.assertThat;

import lectulum.units.Style;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// What is said of one thing and of several.
class CountedTest {
    @ParameterizedTest
    @CsvSource({"0,0 lamps burn for 2 kg", "1,One lamp burns for 2 kg", "2,2 lamps burn for 2 kg",
            "1000000,1000000 lamps burn for 2 kg"})
    void oneIsSaidOtherwiseThanSeveral(long count, String said) {
        Sentence s = Sentence.counted(count, "One lamp burns for {1}", "{0} lamps burn for {1}", Amount.kg(2));

        assertThat(s.text(Style.PLAIN)).isEqualTo(said.replace("2 kg", s.text(Style.PLAIN).replaceAll(".* for ", "")));
        assertThat(s.text(Style.PLAIN)).endsWith("kg").doesNotContain("{");
    }
}

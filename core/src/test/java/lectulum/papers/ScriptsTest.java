package lectulum.papers;

import static org.assertj.core.api.Assertions.assertThat;

import java.text.Normalizer;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// Lines of any script, as they stand on paper from left to right.
class ScriptsTest {

    @ParameterizedTest
    @ValueSource(strings = {"", "Galley", "Tür 600 mm", "Ящик", "¾\" × 1' 2\"", "(a) [b]"})
    void whatRunsFromLeftToRightStaysAsItIs(String line) {
        assertThat(Scripts.laid(line)).isEqualTo(line);
    }

    /// Hebrew alone runs backwards; numbers and Latin words within it do not.
    @ParameterizedTest
    @CsvSource({"שלום, םולש", "מיטה 190 ס״מ, מ״ס 190 הטימ", "ארון (גדול), (לודג) ןורא", "Bed מיטה 2, Bed 2 הטימ"})
    void hebrewRunsBackwards(String read, String laid) {
        assertThat(Scripts.laid(read)).isEqualTo(laid);
    }

    /// A point under a letter stays behind it: LAMED QAMATS, not QAMATS LAMED.
    @Test
    void marksStayWithTheirLetter() {
        assertThat(Scripts.laid("שָׁל")).isEqualTo("ל" + "שָׁ");
    }

    /// Meem, hah, meem, dal: the first begins, two stand between, the last ends; from left to right the last comes first.
    @Test
    void arabicLettersJoinTheirNeighbours() {
        assertThat(codes(Arabic.joined("محمد"))).isEqualTo("FEE3 FEA4 FEE4 FEAA");
        assertThat(codes(Scripts.laid("محمد"))).isEqualTo("FEAA FEE4 FEA4 FEE3");
    }

    /// Dal and reh join nothing behind them, so what follows begins anew; alone they are isolated.
    @Test
    void someLettersJoinOnlyWhatIsBeforeThem() {
        assertThat(codes(Arabic.joined("دار"))).as("dal, alef, reh").isEqualTo("FEA9 FE8D FEAD");
        assertThat(codes(Arabic.joined("بدر"))).as("beh, dal, reh").isEqualTo("FE91 FEAA FEAD");
    }

    /// Lam and alef are one sign, joined to what is before; the meem behind it stands alone.
    @Test
    void lamWithAlefIsOneSign() {
        assertThat(codes(Arabic.joined("سلام"))).isEqualTo("FEB3 FEFC FEE1");
        assertThat(codes(Arabic.joined("لا"))).isEqualTo("FEFB");
    }

    /// Marks over letters do not part them: beh with fatha, beh.
    @Test
    void marksDoNotPartLetters() {
        assertThat(codes(Arabic.joined("بَب"))).isEqualTo("FE91 64E FE90");
    }

    @Test
    void lettersOfPersianHaveTheirForms() {
        assertThat(codes(Arabic.joined("پیچ"))).as("peh, farsi yeh, tcheh").isEqualTo("FB58 FBFF FB7B");
    }

    /// Whatever is joined stands for the letters that were there.
    @ParameterizedTest
    @ValueSource(strings = {"صندوق الماء", "خزانة المطبخ 80 سم", "مرتبة للنوم", "چراغ خواب", "a سرير b"})
    void nothingIsLostInJoining(String line) {
        assertThat(Normalizer.normalize(Arabic.joined(line), Normalizer.Form.NFKC))
                .isEqualTo(Normalizer.normalize(line, Normalizer.Form.NFKC));
    }

    private static String codes(String text) {
        return text.codePoints().mapToObj(c -> Integer.toHexString(c).toUpperCase()).collect(Collectors.joining(" "));
    }
}

package lectulum.money;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import lectulum.analysis.Analysis;
import lectulum.analysis.Remedies;
import lectulum.demo.Campers;
import lectulum.design.Design;
import lectulum.design.purse.Receipt;
import lectulum.design.purse.Tool;
import lectulum.design.purse.Tool.Way;
import lectulum.figures.Finding;
import lectulum.kernel.finance.Hire;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ToolTest {
    private static Design with(Tool... tools) {
        Design d = Campers.demo("nightjar").orElseThrow().design();
        return d.with(d.purse().withTools(List.of(tools)));
    }

    private static Tool welder(Way way, double days) {
        return new Tool("tool-1", "Welder", 420, 0.6, 38, days, way, "");
    }

    private static List<String> said(Design d) {
        return Analysis.of(d).of(ToolStudies.DISCIPLINE).findings().stream().map(Finding::id).toList();
    }

    private static double value(Design d, String figure) {
        return Analysis.of(d).figures().value(figure);
    }

    private static Design cured(Design d, String finding) {
        Analysis a = Analysis.of(d);
        return Remedies.of(a, a.findings().stream().filter(f -> f.id().equals(finding)).findFirst().orElseThrow())
                .getFirst().edit().apply(d);
    }

    /// 420 that bring 60 % again are 168; at 38 a day that is 4.42 days.
    @Test
    void ownedAgainstHired() {
        Hire four = new Hire(420, 0.6, 38, 4);

        assertThat(four.owning()).isCloseTo(168, within(1e-9));
        assertThat(four.hiring()).isEqualTo(152);
        assertThat(four.cheaperHired()).isTrue();
        assertThat(new Hire(420, 0.6, 38, 5).cheaperHired()).isFalse();
        assertThat(four.even().orElseThrow()).isCloseTo(4.4211, within(5e-5));
        assertThat(new Hire(420, 0.6, 0, 4).even()).isEmpty();
        assertThat(new Hire(420, 1, 38, 0).cheaperHired()).as("nothing is gone either way").isFalse();
    }

    @ParameterizedTest
    @CsvSource({"BUY, 4, true", "BUY, 5, false", "HIRE, 4, false", "HIRE, 5, true", "OPEN, 4, false",
            "THERE, 4, false"})
    void theDearerWayIsSaid(Way way, double days, boolean dearer) {
        assertThat(said(with(welder(way, days))).contains("tools.dearer.tool-1")).isEqualTo(dearer);
    }

    @Test
    void aPriceThatIsNotSaidIsNotCompared() {
        Design d = with(new Tool("tool-1", "Clamps", 0, 0.5, 9, 15, Way.HIRE, ""),
                new Tool("tool-2", "Router", 129, 0.5, 0, 12, Way.BUY, ""));

        assertThat(said(d)).noneMatch(id -> id.startsWith("tools.dearer"));
        assertThat(value(d, "tools.cost")).isEqualTo(9 * 15 + 129);
        assertThat(value(d, "tools.resale")).isEqualTo(64.5);
    }

    /// It counts once, by its line: put there, decided otherwise, put there again; a paid line stays as it was paid.
    @Test
    void aToolCountsInTheBillOnce() {
        Design d = with(welder(Way.BUY, 5));
        double before = value(d, "money.forecast");

        Design billed = ToolStudies.bill(d, "tool-1").orElseThrow().apply(d);
        Design hired = billed.with(billed.purse().tool("tool-1", t -> t.withWay(Way.HIRE).withDays(4)));
        Design again = cured(hired, "tools.bill.tool-1");

        assertThat(said(d)).contains("tools.bill.tool-1");
        assertThat(said(billed)).isEmpty();
        assertThat(value(billed, "money.forecast")).isCloseTo(before + 420, within(1e-6));
        assertThat(said(hired)).containsExactly("tools.bill.tool-1");
        assertThat(value(again, "money.forecast")).isCloseTo(before + 152, within(1e-6));
        Design paid = hired.with(hired.purse().mapping("bill-tool-1", r -> r.withState(Receipt.State.PAID)));
        assertThat(said(paid)).isEmpty();
        assertThat(ToolStudies.bill(paid, "tool-1")).as("what was paid is not written over").isEmpty();
        Design gone = billed.with(billed.purse().withTools(List.of()));
        assertThat(gone.purse().freeTool()).as("its line is not given to another tool").isEqualTo("tool-2");
        Design shop = billed.with(billed.purse().mapping("bill-tool-1", r -> r.withShop("tool counter")));
        Design dearer = shop.with(shop.purse().tool("tool-1", t -> t.withPrice(450)));
        Receipt line = ToolStudies.bill(dearer, "tool-1").orElseThrow().apply(dearer).purse().receipt("bill-tool-1")
                .orElseThrow();
        assertThat(line.price()).isEqualTo(450);
        assertThat(line.shop()).as("what else was typed stays").isEqualTo("tool counter");
        assertThat(ToolStudies.bill(with(welder(Way.THERE, 5)), "tool-1")).isEmpty();
        assertThat(ToolStudies.bill(d, "tool-9")).isEmpty();
    }

    @Test
    void remediesTakeTheOtherWay() {
        Design d = cured(with(welder(Way.BUY, 2)), "tools.dearer.tool-1");

        assertThat(d.purse().tools().getFirst().way()).isEqualTo(Way.HIRE);
        assertThat(said(d)).doesNotContain("tools.dearer.tool-1");
        assertThat(Analysis.of(with()).figures().find("tools.cost")).as("no tool, no figure").isEmpty();
    }
}

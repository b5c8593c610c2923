package lectulum.money;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Stream;
import lectulum.design.Design;
import lectulum.design.Edit;
import lectulum.design.purse.Receipt;
import lectulum.design.purse.Tool;
import lectulum.discipline.Discipline;
import lectulum.discipline.Known;
import lectulum.discipline.Studies;
import lectulum.discipline.Study;
import lectulum.figures.Amount;
import lectulum.figures.Finding;
import lectulum.figures.Remedy;
import lectulum.figures.Sentence;
import lectulum.figures.Severity;
import lectulum.figures.Stage;
import lectulum.figures.Subject;
import lectulum.figures.drawing.Listing;
import lectulum.kernel.finance.Hire;
import lectulum.units.Quantity;

/// Tools: bought and sold again, or hired by the day. They cost cash only by lines of the bill, so that nothing counts twice.
public final class ToolStudies {
    public static final Discipline<Studies> DISCIPLINE = Studies.discipline("money-tools", "Tools", Stage.MONEY,
            in -> of(in.design(Design.Part.PURSE)))
            .checking(ToolRules.class, ToolStudies::remedies);
    private static final String SOURCE = "see docs/method/money.md";

    private static final double CENT = 0.005;

    private ToolStudies() {
    }

    static List<Study> of(Design d) {
        List<Tool> tools = d.purse().tools();
        Study.Notebook book = new Study.Notebook("money-tools", Stage.MONEY, "Bought or hired", "");
        if (tools.isEmpty()) {
            return List
                    .of(book.note("No tool stands here yet. A tool that is wanted on few days is cheaper hired, if what"
                            + " it brings afterwards is little.").done());
        }
        Sentence numbers = Sentence.of("{0} tools", tools.size());
        book.figure("tools.cost", "Tools cost, as decided", tools.stream().mapToDouble(ToolStudies::cost).sum(),
                Quantity.MONEY, "Σ price of what is bought + days × hire of what is hired", numbers, SOURCE);
        book.figure("tools.resale", "which brings back", tools.stream().filter(t -> t.way() == Tool.Way.BUY)
                .mapToDouble(t -> t.price() * t.resale()).sum(), Quantity.MONEY, "Σ price × what it is sold again for",
                numbers, SOURCE);
        Listing.Maker table = new Listing.Maker("").words("Tool", "is").numbers("owning", "hiring", "owned pays from");
        for (Tool t : tools) {
            Optional<Hire> hire = hire(t);
            table.row(t.name(), t.way().label(), hire.map(h -> (Object) Amount.money(h.owning())).orElse("–"),
                    hire.map(h -> (Object) Amount.money(h.hiring())).orElse("–"),
                    hire.map(h -> (Object) Amount.days(Math.ceil(h.even().orElse(0)))).orElse("–"));
            hire.ifPresent(h -> check(t, h, book));
            billed(d, t, book);
        }
        return List.of(book.listing(table.done())
                .note("Owning: what is gone when it is sold again. Hiring: days × a day. A dash: a price is not said.")
                .done());
    }

    /// Whether what it costs is in the bill; a line that is paid is right whatever was planned.
    private static void billed(Design d, Tool t, Study.Notebook book) {
        Optional<Receipt> line = line(d, t);
        if (line.isEmpty() && cost(t) > 0) {
            book.say(ToolRules.BILL, Subject.part(t.id()), Severity.NOTE,
                    Sentence.of("{0} is in no line of the bill", t.name()),
                    Sentence.of("It costs {0} and counts in no sum before it stands there.", Amount.money(cost(t))));
        } else if (line.filter(r -> open(r) && Math.abs(Lines.total(r) - cost(t)) > CENT).isPresent()) {
            book.say(ToolRules.BILL, Subject.part(t.id()), Severity.NOTE,
                    Sentence.of("{0} stands otherwise in the bill", t.name()),
                    Sentence.of("As it is decided it costs {0}, its line says {1}.", Amount.money(cost(t)),
                            Amount.money(Lines.total(line.get()))));
        }
    }

    private static void check(Tool t, Hire h, Study.Notebook book) {
        if (t.way() == Tool.Way.BUY && h.cheaperHired() || t.way() == Tool.Way.HIRE && !h.cheaperHired()) {
            book.say(ToolRules.DEARER, Subject.part(t.id()), Severity.NOTE,
                    Sentence.of(t.way() == Tool.Way.BUY ? "{0} is cheaper hired" : "{0} is cheaper bought", t.name()),
                    Sentence.of("Owned and sold again {0}, hired for {1} {2}.", Amount.money(h.owning()),
                            Amount.days(t.days()), Amount.money(h.hiring())));
        }
    }

    /// Empty where a price is not said.
    private static Optional<Hire> hire(Tool t) {
        return t.price() > 0 && t.hire() > 0
                ? Optional.of(new Hire(t.price(), t.resale(), t.hire(), t.days()))
                : Optional.empty();
    }

    private static double cost(Tool t) {
        return switch (t.way()) {
            case BUY -> t.price();
            case HIRE -> t.hire() * t.days();
            case OPEN, THERE -> 0;
        };
    }

    private static Optional<Receipt> line(Design d, Tool t) {
        return d.purse().receipt(t.line());
    }

    /// The edit that puts what a tool costs, as it is decided, into the bill, or brings its line there up to date. Empty where it costs
    /// nothing, and where its line is ordered or paid: that is right whatever is decided.
    public static Optional<Edit> bill(Design d, String id) {
        return d.purse().tools().stream().filter(t -> t.id().equals(id) && cost(t) > 0
                && line(d, t).filter(r -> !open(r)).isEmpty()).findFirst()
                .map(t -> new Edit("A tool in the bill", x -> x.with(line(x, t)
                        .map(r -> x.purse().mapping(r.id(), old -> old.withPrice(cost(t)).withAmount(1).withPack(1)
                                .withWaste(0).withTax(0).withBought(OptionalDouble.empty())))
                        .orElseGet(() -> x.purse().plus(Receipt.of(t.line(), t.name(), Receipt.State.GUESS, cost(t))
                                .withKind(Receipt.Kind.TOOL))))));
    }

    private static boolean open(Receipt line) {
        return line.state().compareTo(Receipt.State.ORDERED) < 0;
    }

    private static Stream<Remedy> remedies(Known known, ToolRules rule, Finding finding) {
        List<Tool> tools = new ArrayList<>(known.given().purse().tools());
        return tools.stream().filter(t -> finding.about().equals(Subject.part(t.id()))).flatMap(t -> switch (rule) {
            case DEARER -> Stream.of(t.way() == Tool.Way.BUY
                    ? new Remedy(Sentence.of("Hire it"), way(t, Tool.Way.HIRE))
                    : new Remedy(Sentence.of("Buy it"), way(t, Tool.Way.BUY)));
            case BILL -> bill(known.given(), t.id()).map(e -> new Remedy(Sentence.of("Put it into the bill"), e))
                    .stream();
        });
    }

    private static Edit way(Tool t, Tool.Way way) {
        return new Edit("A tool otherwise", d -> d.with(d.purse().tool(t.id(), x -> x.withWay(way))));
    }
}

package lectulum.design.purse;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.UnaryOperator;
import lectulum.design.Means;
import lectulum.units.Currencies;

/// What is known of the money beyond the prices of things.
///
/// @param receipts lines in the order they were entered
/// @param rates    of other currencies
/// @param ways     to save
/// @param today    from which the months ahead are counted, as ISO; empty for not said
/// @param tools    that the build takes
@RecordBuilder
public record Purse(List<Receipt> receipts, List<ExchangeRate> rates, List<Economy> ways,
        @Means("ISO date") String today, List<Tool> tools) implements PurseBuilder.With {
    /// Nothing known.
    public static final Purse NONE = new Purse(List.of(), List.of(), List.of(), "", List.of());

    public Purse {
        receipts = receipts == null ? List.of() : List.copyOf(receipts);
        rates = rates == null ? List.of() : List.copyOf(rates);
        ways = ways == null ? List.of() : List.copyOf(ways);
        today = today == null ? "" : today;
        tools = tools == null ? List.of() : List.copyOf(tools);
    }

    public Optional<Receipt> receipt(String id) {
        return receipts.stream().filter(r -> r.id().equals(id)).findFirst();
    }

    /// What one of a currency is worth in that of the project; empty where nobody said.
    ///
    /// @param own currency of the project
    public OptionalDouble rate(String currency, String own) {
        return Currencies.same(currency, own)
                ? OptionalDouble.of(1)
                : rates.stream().filter(x -> Currencies.same(x.currency(), currency)).mapToDouble(ExchangeRate::worth)
                        .findFirst();
    }

    public Purse plus(Receipt one) {
        List<Receipt> next = new ArrayList<>(receipts);
        next.add(one);
        return withReceipts(next);
    }

    public Purse mapping(String id, UnaryOperator<Receipt> change) {
        return withReceipts(receipts.stream().map(r -> r.id().equals(id) ? change.apply(r) : r).toList());
    }

    public Purse without(String id) {
        return withReceipts(receipts.stream().filter(r -> !r.id().equals(id)).toList());
    }

    /// An id that no receipt has yet.
    public String freeId() {
        int n = receipts.size() + 1;
        while (receipt("line-" + n).isPresent()) {
            n++;
        }
        return "line-" + n;
    }

    /// With one tool otherwise.
    public Purse tool(String id, UnaryOperator<Tool> change) {
        return withTools(tools.stream().map(t -> t.id().equals(id) ? change.apply(t) : t).toList());
    }

    /// An id that no tool has yet, and none had whose line is still in the bill.
    public String freeTool() {
        int n = 1;
        while (hasTool("tool-" + n)) {
            n++;
        }
        return "tool-" + n;
    }

    private boolean hasTool(String id) {
        return tools.stream().anyMatch(t -> t.id().equals(id))
                || receipts.stream().anyMatch(r -> r.id().equals("bill-" + id));
    }
}

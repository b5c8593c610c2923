package lectulum.design.workshop;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// What there is to build from.
///
/// @param stock what can be bought and what is there
/// @param kept  plans that were laid by hand or are cut
/// @param supplies what is used up
@RecordBuilder
public record Workshop(List<Stock> stock, List<HandPlan> kept, List<Supply> supplies) implements WorkshopBuilder.With {
    /// Nothing said: the usual sizes are bought.
    public static final Workshop NONE = new Workshop(List.of(), List.of(), List.of());

    public Workshop {
        stock = stock == null ? List.of() : List.copyOf(stock);
        kept = kept == null ? List.of() : List.copyOf(kept);
        supplies = supplies == null ? List.of() : List.copyOf(supplies);
    }

    /// Sticks and sheets only.
    public Workshop(List<Stock> stock, List<HandPlan> kept) {
        this(stock, kept, List.of());
    }

    public Optional<Supply> supply(String id) {
        return supplies.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public Workshop plus(Supply one) {
        List<Supply> next = new ArrayList<>(supplies);
        next.add(one);
        return withSupplies(next);
    }

    public Workshop supplying(String id, UnaryOperator<Supply> change) {
        return withSupplies(supplies.stream().map(s -> s.id().equals(id) ? change.apply(s) : s).toList());
    }

    public Workshop withoutSupply(String id) {
        return withSupplies(supplies.stream().filter(s -> !s.id().equals(id)).toList());
    }

    /// An id that no supply has yet.
    public String freeSupply() {
        int n = supplies.size() + 1;
        while (supply("supply-" + n).isPresent()) {
            n++;
        }
        return "supply-" + n;
    }

    public Optional<Stock> stock(String id) {
        return stock.stream().filter(s -> s.id().equals(id)).findFirst();
    }

    public Workshop plus(Stock one) {
        List<Stock> next = new ArrayList<>(stock);
        next.add(one);
        return withStock(next);
    }

    public Workshop mapping(String id, UnaryOperator<Stock> change) {
        return withStock(stock.stream().map(s -> s.id().equals(id) ? change.apply(s) : s).toList());
    }

    public Workshop without(String id) {
        return withStock(stock.stream().filter(s -> !s.id().equals(id)).toList());
    }

    /// An id that no stock has yet.
    public String freeId() {
        int n = stock.size() + 1;
        while (stock("stock-" + n).isPresent()) {
            n++;
        }
        return "stock-" + n;
    }
}

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
@RecordBuilder
public record Workshop(List<Stock> stock, List<HandPlan> kept) implements WorkshopBuilder.With {
    /// Nothing said: the usual sizes are bought.
    public static final Workshop NONE = new Workshop(List.of(), List.of());

    public Workshop {
        stock = stock == null ? List.of() : List.copyOf(stock);
        kept = kept == null ? List.of() : List.copyOf(kept);
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

package lectulum.papers.book;

import java.util.List;
import java.util.Optional;
import lectulum.figures.drawing.Chart;
import lectulum.figures.drawing.Surface;

/// Drawings that only the window's painters can make, and photographs.
public interface Plates {
    /// A drawing.
    ///
    /// @param width  \[px\]
    /// @param height \[px\]
    record Plate(String title, double width, double height, Drawing drawing) {
    }

    /// What is drawn.
    interface Drawing {
        void on(Surface surface);
    }

    /// The camper on the sheet, as stages and modes show it.
    List<Plate> sheets();

    /// The camper as it looks from the side and from above, for the cover.
    Plate portrait();

    Plate chart(Chart chart);

    /// A photograph beside the project as PNG or JPEG, small enough to print; empty where it is gone or no picture.
    Optional<byte[]> photograph(String file);

    /// None at all: a book without drawings of the window.
    Plates NONE = new Plates() {
        @Override
        public List<Plate> sheets() {
            return List.of();
        }

        @Override
        public Plate portrait() {
            return new Plate("", 1, 1, s -> {
            });
        }

        @Override
        public Plate chart(Chart chart) {
            return new Plate(chart.title(), 1, 1, s -> {
            });
        }

        @Override
        public Optional<byte[]> photograph(String file) {
            return Optional.empty();
        }
    };
}

/// Drawings and curves that go with figures, in metres, without colours: window and paper draw them.
package lectulum.figures.drawing;

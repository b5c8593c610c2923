package lectulum.stage;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;
import lectulum.design.thing.Thing;

/// What a stage may ask of the window it is in.
public interface Host {
    /// A picture, taken over beside the project's file; its name.
    Optional<String> pickPhoto();

    /// The file of a picture.
    Optional<Path> photo(String file);

    /// Runs a command of the palette.
    void command(String name);

    /// A place for a file.
    ///
    /// @param name   what is proposed
    /// @param ending what it should end with
    Optional<Path> save(String name, String ending);

    /// Asks for a place, writes a text there beside the interface thread, and says so.
    ///
    /// @param name   what is proposed
    /// @param ending what it should end with
    void write(String name, String ending, Callable<String> text);

    /// A table to read.
    Optional<Path> table();

    /// Says something in a line across the window.
    void say(String sentence);

    /// Keeps the lessons of the log for the next camper.
    void keepLessons();

    /// Writes the lessons of other campers into the log.
    void bringLessons();

    /// Keeps a thing among the user's own.
    void keepAsOwn(Thing thing);
}

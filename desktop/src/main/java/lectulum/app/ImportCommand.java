package lectulum.app;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import lectulum.design.Design;
import lectulum.design.Project;
import lectulum.design.purse.Receipt;
import lectulum.files.AtomicFile;
import lectulum.files.Attachments;
import lectulum.files.Imported;
import lectulum.files.PriceListCsv;
import lectulum.files.ProjectFile;
import lectulum.files.ProjectJson;
import lectulum.files.ReceiptsCsv;
import lectulum.units.Day;
import lectulum.units.UnitSystem;
import picocli.CommandLine;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// Brings tables of others into a project.
@Command(name = "import", description = "Brings a table of others into a project and tells of each row what became of it."
        + " Exit code 1 where rows were rejected; the rest is taken all the same.")
final class ImportCommand implements Callable<Integer> {
    @Parameters(paramLabel = "FILE", description = "Project file.")
    private Path file;

    @ArgGroup(multiplicity = "1")
    private What what;

    @Option(names = {"-o",
            "--out"}, paramLabel = "PROJECT", description = "The project with what came in; it may be FILE itself."
                    + " Without it, it is only told what would be taken.")
    private Path out;

    @Option(names = "--rejected", paramLabel = "CSV", description = "Where rejected rows are written, to be mended and"
            + " read again.")
    private Path rejected;

    @Spec
    private CommandSpec spec;

    /// What the table is of.
    static final class What {
        @Option(names = "--receipts", paramLabel = "CSV", description = "Receipts, offers and guesses.")
        private Path receipts;

        @Option(names = "--prices", paramLabel = "CSV", description = "A price list of a shop.")
        private Path prices;
    }

    @Override
    public Integer call() throws IOException {
        ProjectJson.Read read = ProjectFile.open(file);
        Project project = read.project();
        Design d = project.design();
        Day.Order order = d.brief().style().system() == UnitSystem.US ? Day.Order.MONTH_FIRST : Day.Order.DAY_FIRST;
        if (what.receipts != null) {
            Imported<Receipt> came = ReceiptsCsv.read(Imported.text(what.receipts), d.purse(), '.', order);
            List<Receipt> all = new ArrayList<>(d.purse().receipts());
            all.addAll(came.taken());
            return done(read, came, d.with(d.purse().withReceipts(all)));
        }
        Imported<PriceListCsv.Price> came = PriceListCsv.read(Imported.text(what.prices), d, '.', order);
        return done(read, came, PriceListCsv.edit("Prices", came.taken()).apply(d));
    }

    private int done(ProjectJson.Read read, Imported<?> came, Design next) throws IOException {
        PrintWriter told = spec.commandLine().getOut();
        came.rows().forEach(r -> told.println(r.sentence()));
        told.println(came.sums());
        told.flush();
        if (out != null) {
            if (Files.exists(out) && !Files.isRegularFile(out)) {
                throw new CommandLine.ParameterException(spec.commandLine(), out + " is not a file.");
            }
            Project project = read.project().with(next);
            if (!out.toAbsolutePath().normalize().equals(file.toAbsolutePath().normalize())) {
                Attachments.of(file).copyTo(Attachments.of(out), project);
            }
            ProjectFile.save(out, project, read.tree());
        }
        if (rejected != null && !came.rejected().isEmpty()) {
            AtomicFile.write(rejected, came.rejected());
        }
        return came.rejected().isEmpty() ? 0 : 1;
    }
}

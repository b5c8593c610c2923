package lectulum.bench;

import java.io.IOException;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import lectulum.catalogue.Catalogue;
import lectulum.design.Design;
import lectulum.design.logbook.Logbook;
import lectulum.files.Lessons;
import lectulum.files.OwnThings;
import lectulum.files.PriceListCsv;
import lectulum.files.ReceiptsCsv;
import lectulum.files.ThingsCsv;
import lectulum.standin.CampLog;
import lectulum.standin.MonitorLog;
import lectulum.units.Day;

/// One thing that the program reads row by row or line by line, with a text that it reads whole.
///
/// @param text as it should be
record GarbledRead(String name, String text, Reader reader) {
    private static final int ROWS = 12;
    private static final String MONITOR = """
            {"t":"2031-07-18T09:00:00Z","k":"hello","name":"a monitor","version":1,"n":1}
            {"t":"2031-07-18T09:10:00Z","k":"batt","v":13.21,"i":-4.2,"soc":0.83,"temp":19.5,"n":2}
            {"t":"2031-07-18T09:20:00Z","k":"pv","w":83.5,"n":3}
            {"t":"2031-07-18T09:30:00Z","k":"load","id":"cold-box","w":41,"n":4}
            {"t":"2031-07-18T10:10:00Z","k":"batt","v":13.10,"i":-4.9,"soc":0.79,"temp":20.5,"n":5}
            """;
    private static final String CAMP = """
            {"t":"2031-07-18T09:00:00Z","k":"tank","id":"water-fresh","l":31.20,"n":12}
            {"t":"2031-07-18T09:10:00Z","k":"tank","id":"water-grey","ohms":96.4,"n":13}
            {"t":"2031-07-18T09:20:00Z","k":"air","out":7.52,"in":18.10,"rh":0.612,"n":14}
            {"t":"2031-07-18T10:00:00Z","k":"heat","w":612.0,"n":15}
            {"t":"2031-07-18T10:10:00Z","k":"bye","n":16}
            """;

    /// Reads a text into a camper.
    interface Reader {
        /// @param turn another each time, for the order of day and month and for the sign before decimals
        /// @return the camper with what was taken; the same one where nothing belongs in it
        Design taken(String text, int turn) throws IOException;
    }

    Design taken(String of, int turn) throws IOException {
        return reader.taken(of, turn);
    }

    /// @param folder for those that read a file
    static List<GarbledRead> all(Design d, Path folder) throws IOException {
        StringWriter prices = new StringWriter();
        PriceListCsv.write(d, prices);
        StringWriter things = new StringWriter();
        ThingsCsv.catalogue(Catalogue.shipped().things().subList(0, ROWS), things);
        return List.of(
                new GarbledRead("receipts", Books.receipts(ROWS), (text, i) -> d.with(d.purse().withReceipts(
                        ReceiptsCsv.read(text, d.purse(), decimal(i), order(i)).taken()))),
                new GarbledRead("prices", prices.toString(), (text, i) -> PriceListCsv.edit("prices",
                        PriceListCsv.read(text, d, decimal(i), order(i)).taken()).apply(d)),
                new GarbledRead("own things", things.toString(), (text, i) -> {
                    Design with = d;
                    for (var t : new OwnThings(written(folder, "things.csv", text)).all()) {
                        with = with.plus(t.withId(with.freeId("own")));
                    }
                    return with;
                }),
                new GarbledRead("lessons",
                        "kind,text,why,stage\nMISTAKE,measured once,in a hurry,BASE\nNEXT_TIME,dry fit,,BUILD\n",
                        (text, i) -> d.withLogbook(Lessons.with(Logbook.NONE,
                                new Lessons(written(folder, "lessons.csv", text)).all(), "2026-07-01"))),
                new GarbledRead("battery monitor", MONITOR, (text, i) -> {
                    MonitorLog log = new MonitorLog();
                    text.lines().forEach(log::add);
                    log.measured();
                    return d;
                }),
                new GarbledRead("tanks and weather", CAMP, (text, i) -> {
                    CampLog log = new CampLog();
                    text.lines().forEach(log::add);
                    log.told();
                    return d;
                }));
    }

    private static Path written(Path folder, String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text.replaceAll("[\\ud800-\\udfff]", "?"),
                StandardCharsets.UTF_8);
    }

    private static char decimal(int turn) {
        return turn % 2 == 0 ? '.' : ',';
    }

    private static Day.Order order(int turn) {
        return Day.Order.values()[turn % Day.Order.values().length];
    }
}

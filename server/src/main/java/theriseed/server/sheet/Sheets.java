package theriseed.server.sheet;

import jakarta.persistence.EntityManager;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import theriseed.core.measure.OutOfRange;
import theriseed.core.measure.Refusing;
import theriseed.server.base.GrowersWork;
import theriseed.server.base.NotFound;
import theriseed.server.base.ReadsOnly;
import theriseed.server.base.Refused;
import theriseed.server.farm.Farms;
import theriseed.server.words.Reader;
import theriseed.server.words.Readers;
import theriseed.server.words.Refusals;

/**
 * Writes the farm's lists and reads them. Reading does what the lines say in one transaction, through the same services as
 * the pages, so that a line is refused for whatever a page would refuse it for; it is kept only when that was asked for
 * and no line was refused.
 */
@Service
public class Sheets {
    private static final int MOST_SHOWN = 1000;

    /** So many lines are held in memory before they are written. */
    private static final int AT_ONCE = 200;

    private static final int CELLS_SHOWN = 3;

    /** Lines written. */
    private static final int FORGOTTEN_AFTER = 1000;

    private final Map<String, Sheet> sheets;
    private final HeadingsKnown known;
    private final Farms farms;
    private final EntityManager records;
    private final TransactionTemplate transaction;
    private final Readers readers;

    Sheets(
            List<Sheet> sheets,
            HeadingsKnown known,
            EntityManager records,
            PlatformTransactionManager transactions,
            Farms farms,
            Readers readers) {
        this.known = known;
        this.farms = farms;
        this.readers = readers;
        this.sheets = sheets.stream().collect(Collectors.toMap(Sheet::name, Function.identity()));
        this.records = records;
        this.transaction = new TransactionTemplate(transactions);
    }

    /** A sheet as it is described. */
    public record Described(String name, List<DescribedColumn> columns) {}

    public record DescribedColumn(String name, String says, boolean needed) {}

    public List<Described> all() {
        return sheets.values().stream()
                .map(sheet -> new Described(
                        sheet.name(),
                        sheet.columns().stream()
                                .map(column -> new DescribedColumn(column.name(), column.says(), column.isNeeded()))
                                .toList()))
                .sorted((one, other) -> one.name().compareTo(other.name()))
                .toList();
    }

    /** Writes header and lines of a sheet, a line after the other as the database gives them. */
    @GrowersWork
    @ReadsOnly
    public void write(String name, SheetWriter to) {
        Sheet sheet = sheet(name);
        try (Stream<List<Object>> lines = sheet.lines()) {
            AtomicInteger written = new AtomicInteger();
            to.write(sheet.columns(), lines.peek(line -> forgetSome(written.incrementAndGet())));
        }
    }

    /** What was read and written out need not be remembered until the last line. */
    private void forgetSome(int written) {
        if (written % FORGOTTEN_AFTER == 0) {
            records.clear();
        }
    }

    /**
     * What a file would do, or with {@code keep} does.
     *
     * @param told how it is to be read; what nobody said is found out
     * @throws Refused where it is no table at all, and with {@code keep} where it could be read in two ways
     */
    @GrowersWork
    public SheetRead read(String name, byte[] file, Told told, boolean keep) {
        Sheet sheet = sheet(name);
        SentTable table = SentWorkbook.is(file)
                ? SentWorkbook.read(file, told, sheet.columns(), sheet.most() + SentTable.BEFORE_HEADINGS)
                : SentText.read(file, told, sheet.most() + SentTable.BEFORE_HEADINGS);
        Headings headings = new Headings(table, sheet.columns(), told, known.of(name), usual());
        HowRead how = headings.how();
        if (keep && !how.unsure().isEmpty()) {
            throw new Refused(how.unsure().get(0), "nothing", "file.eitherWay");
        }
        if (keep && !how.missing().isEmpty()) {
            throw new Refused(
                    "columns",
                    how.missing().get(0),
                    "file.columnMissing",
                    "column",
                    how.missing().get(0));
        }
        if (!how.missing().isEmpty()) {
            return new SheetRead(0, 0, 0, 0, List.of(), List.of(), false, how);
        }
        List<Line> lines = headings.lines();
        if (lines.size() > sheet.most()) {
            throw new Refused("file", "more than " + sheet.most(), "file.tooLong", "most", sheet.most());
        }
        SheetRead read = read(sheet, lines, keep, how);
        if (read.kept()) {
            known.keep(name, headings.plain(), headings.matched());
        }
        return read;
    }

    /** How numbers and days are written where this farm is. */
    private Writing usual() {
        return new Writing(
                Writing.Decimals.POINT,
                farms.get().locale().endsWith("US") ? Writing.Days.MONTH_FIRST : Writing.Days.DAY_FIRST);
    }

    private SheetRead read(Sheet sheet, List<Line> lines, boolean keep, HowRead how) {
        if (!keep && sheet.linesStandAlone()) {
            return tried(sheet, lines, how);
        }
        return transaction.execute(status -> {
            Reading reading = new Reading(sheet, AT_ONCE, how);
            Sheet.Taker taker = sheet.taker(lines, keep);
            for (Line line : lines) {
                if (!reading.broken) {
                    reading.take(line, taker);
                }
            }
            if (reading.refused == 0) {
                reading.all(lines, taker);
            }
            boolean kept = keep && reading.refused == 0;
            if (!kept) {
                status.setRollbackOnly();
            }
            return reading.read(kept, taker);
        });
    }

    /** What a file would do. Each line is undone before the next is looked at, so that nobody waits for any of them. */
    private SheetRead tried(Sheet sheet, List<Line> lines, HowRead how) {
        Reading reading = new Reading(sheet, 1, how);
        Sheet.Taker taker = undone(() -> sheet.taker(lines, false));
        for (Line line : lines) {
            undone(() -> {
                reading.take(line, taker);
                return null;
            });
        }
        return reading.read(false, taker);
    }

    private <T> T undone(Supplier<T> act) {
        return transaction.execute(status -> {
            status.setRollbackOnly();
            return act.get();
        });
    }

    private Sheet sheet(String name) {
        Sheet sheet = sheets.get(name);
        if (sheet == null) {
            throw NotFound.of("sheet").get();
        }
        return sheet;
    }

    /** What became of the lines so far. */
    private final class Reading {
        private final List<Column> columns;
        private final Map<String, String> called;
        private final int atOnce;
        private final HowRead how;
        private final Reader reader = readers.now();
        private final List<SheetRead.SheetLine> wrong = new ArrayList<>();
        private final List<SheetRead.SheetLine> done = new ArrayList<>();
        private int taken;
        private int made;
        private int changed;
        private int same;
        private int refused;

        /** Whether the database refused something, after which it takes nothing more. */
        private boolean broken;

        /** @param atOnce lines after which what they made is written */
        Reading(Sheet sheet, int atOnce, HowRead how) {
            this.atOnce = atOnce;
            this.how = how;
            this.columns = sheet.columns();
            this.called = sheet.called();
        }

        void take(Line line, Sheet.Taker taker) {
            attempt(line, () -> {
                Effect effect = taker.take(line);
                switch (effect) {
                    case NEW -> made++;
                    case CHANGED -> changed++;
                    case SAME -> same++;
                    default -> {}
                }
                if ((effect == Effect.NEW || effect == Effect.CHANGED) && done.size() < MOST_SHOWN) {
                    done.add(new SheetRead.SheetLine(
                            line.number(), what(line), false, effect == Effect.NEW, null, null, null));
                }
                if (++taken % atOnce == 0) {
                    records.flush();
                    records.clear();
                }
            });
        }

        void all(List<Line> lines, Sheet.Taker taker) {
            if (!lines.isEmpty()) {
                attempt(lines.get(0), () -> {
                    Sheet.Counted together = taker.all();
                    made += together.made();
                    changed += together.changed();
                    same += together.same();
                    records.flush();
                });
            }
        }

        private void attempt(Line line, Runnable act) {
            try {
                act.run();
            } catch (Refused | OutOfRange wrongLine) {
                refuse(line, wrongLine);
            } catch (NotFound missing) {
                refuse(line, null, null, missing::getMessage);
            } catch (DataIntegrityViolationException standsAlready) {
                broken = true;
                refuse(
                        line,
                        null,
                        null,
                        () -> "It does not fit what stands there already."
                                + (atOnce == 1 ? "" : " The lines after it were not looked at."));
            }
        }

        private void refuse(Line line, Refusing wrong) {
            String column = asColumn(wrong.field());
            refuse(line, column, wrong.value(), () -> Refusals.say(reader, column, wrong));
        }

        /** @param why only said of the lines that are shown */
        private void refuse(Line line, String column, String value, Supplier<String> why) {
            refused++;
            if (wrong.size() < MOST_SHOWN) {
                wrong.add(new SheetRead.SheetLine(line.number(), what(line), true, false, column, value, why.get()));
            }
        }

        /** Services name fields as their requests do; of several in one cell the column is meant. */
        private String asColumn(String field) {
            String whole = field.replaceFirst("\\[.*", "");
            return called.getOrDefault(
                    whole, whole.replaceAll("([a-z])([A-Z])", "$1_$2").toLowerCase(Locale.ROOT));
        }

        private String what(Line line) {
            return columns.stream()
                    .map(column -> line.cells().getOrDefault(column.name(), "").strip())
                    .filter(cell -> !cell.isEmpty())
                    .limit(CELLS_SHOWN)
                    .map(cell -> cell.length() > 60 ? cell.substring(0, 60) + "…" : cell)
                    .collect(Collectors.joining(", "));
        }

        SheetRead read(boolean kept, Sheet.Taker taker) {
            return new SheetRead(
                    made,
                    changed,
                    same,
                    refused,
                    Stream.concat(wrong.stream(), done.stream())
                            .limit(MOST_SHOWN)
                            .toList(),
                    taker.notes(),
                    kept,
                    how);
        }
    }
}

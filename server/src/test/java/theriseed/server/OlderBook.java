package theriseed.server;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.dhatim.fastexcel.Workbook;
import org.dhatim.fastexcel.Worksheet;

/** Ten years of a made-up notebook, in spreadsheets as people keep them: each written otherwise, with columns of its own. */
public final class OlderBook {
    private static final int FIRST = 2016;
    private static final int LAST = 2025;
    private static final DateTimeFormatter POINTS = DateTimeFormatter.ofPattern("dd.MM.yyyy");
    private static final DateTimeFormatter SLASHES = DateTimeFormatter.ofPattern("d/M/yyyy");

    /** What it grew: crop as it calls it, variety, plants, grams picked and clean of each plant, day sown and picked. */
    private record Grown(
            String crop, String variety, int plants, double picked, double clean, int sownOn, int pickedOn) {}

    private static final List<Grown> GROWN = List.of(
            new Grown("Peas", "Dyke Walker", 200, 45, 30, 85, 215),
            new Grown("Lettuce", "Café Höhe", 60, 40, 12, 95, 240),
            new Grown("Broad beans", "Two Anchors", 80, 90, 60, 60, 220),
            new Grown("phaseolus vulgaris", "Grey Ferry", 120, 50, 35, 140, 260));

    private OlderBook() {}

    /** A workbook whose second tab has the fields. */
    public static byte[] plots() {
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (Workbook book = new Workbook(bytes, "book", "1.0")) {
            book.newWorksheet("Read me").value(0, 0, "Measured with a tape in 2015");
            Worksheet tab = book.newWorksheet("Ground");
            String[] header = {"Field", "Long (m)", "Wide (m)", "Number of beds", "Soil"};
            for (int i = 0; i < header.length; i++) {
                tab.value(0, i, header[i]);
            }
            for (int field = 0; field < GROWN.size(); field++) {
                tab.value(field + 1, 0, "Field " + (char) ('A' + field));
                tab.value(field + 1, 1, 40);
                tab.value(field + 1, 2, 12.5);
                tab.value(field + 1, 3, 4);
                tab.value(field + 1, 4, "loam");
            }
        } catch (IOException failed) {
            throw new UncheckedIOException(failed);
        }
        return bytes.toByteArray();
    }

    /** Semicolons, in an encoding of the west. */
    public static byte[] varieties() {
        StringBuilder text = new StringBuilder("Sort;Variety;Supplier;Since;Shelf\r\n");
        for (Grown one : GROWN) {
            text.append(String.join(";", one.crop, one.variety, "a neighbour", "2014", "top"))
                    .append("\r\n");
        }
        return text.toString().getBytes(Charset.forName("windows-1252"));
    }

    private static String field(int year, int which) {
        return "Field " + (char) ('A' + (year + which) % GROWN.size());
    }

    private static LocalDate day(int year, int dayOfYear) {
        return LocalDate.ofYearDay(year, dayOfYear);
    }

    /** Commas, and days with slashes. */
    public static byte[] plantings() {
        StringBuilder text = new StringBuilder("Year,Crop,Variety,Field,Sown,Number of plants,Rain that spring\n");
        for (int year = FIRST; year <= LAST; year++) {
            for (int i = 0; i < GROWN.size(); i++) {
                Grown one = GROWN.get(i);
                text.append(String.join(
                                ",",
                                String.valueOf(year),
                                one.crop,
                                one.variety,
                                field(year, i),
                                SLASHES.format(day(year, one.sownOn)),
                                String.valueOf(one.plants),
                                "some"))
                        .append('\n');
            }
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** The number that the book gave a lot. */
    public static String lot(int year, int which) {
        return "K" + (year - 2000) + "/" + (which + 1);
    }

    /** Semicolons and decimal commas, kilograms, days with points. In the first years nothing was weighed before it was clean. */
    public static byte[] lots() {
        StringBuilder text = new StringBuilder(
                "\uFEFFLot no;Crop;Variety;Year;Field;Picked;Harvest (kg);Number of plants;Cleaned;Clean weight (kg);Remarks\r\n");
        for (int year = FIRST; year <= LAST; year++) {
            for (int i = 0; i < GROWN.size(); i++) {
                Grown one = GROWN.get(i);
                boolean weighed = year >= FIRST + 3;
                text.append(String.join(
                                ";",
                                lot(year, i),
                                one.crop,
                                one.variety,
                                String.valueOf(year),
                                field(year, i),
                                POINTS.format(day(year, one.pickedOn)),
                                weighed ? kilograms(one.plants * one.picked) : "",
                                String.valueOf(one.plants),
                                POINTS.format(day(year, one.pickedOn + 20)),
                                kilograms(one.plants * one.clean),
                                weighed ? "" : "only weighed when clean"))
                        .append("\r\n");
            }
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    private static String kilograms(double grams) {
        return String.format(Locale.GERMANY, "%.2f", grams / 1000);
    }

    /** Tabs, in what spreadsheets call Unicode text. */
    public static byte[] tests() {
        StringBuilder text = new StringBuilder("Lot\tKind\tDate\tset_on\tof_each\tnormal\tBy whom\r\n");
        for (int year = FIRST; year <= LAST; year++) {
            for (int i = 0; i < GROWN.size(); i++) {
                LocalDate on = day(year + 1, 40);
                text.append(String.join(
                                "\t",
                                lot(year, i),
                                "germination",
                                on.toString(),
                                on.minusDays(10).toString(),
                                "50",
                                "46 47",
                                "me"))
                        .append("\r\n");
            }
        }
        return text.toString().getBytes(StandardCharsets.UTF_16);
    }

    public static byte[] customers() {
        return ("sep=;\r\nCustomer;Type;Postal address;E-mail;Telephone\r\n"
                        + "Quay Shop;shop;Quay 1;shop@example.org;0123 4\r\n"
                        + "Field Post;grower;;;0123 5\r\n")
                .getBytes(StandardCharsets.UTF_8);
    }

    /** Packets that nobody numbered, with what was in them. */
    public static byte[] sales() {
        StringBuilder text = new StringBuilder("Date;Lot;To;Packs;packet_g;Weight;Paid (€)\r\n");
        for (int year = FIRST; year <= LAST; year++) {
            for (int i = 0; i < GROWN.size(); i++) {
                LocalDate on = day(year + 1, 60 + i);
                text.append(String.join(";", POINTS.format(on), lot(year, i), "Quay Shop", "40", "2,5", "", "120,00"))
                        .append("\r\n");
                text.append(String.join(";", POINTS.format(on), lot(year, i), "Field Post", "", "", "100", "8,50"))
                        .append("\r\n");
            }
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** What a station wrote, eight times a day in degrees Fahrenheit, below two lines about itself. It begins at noon. */
    public static byte[] weather(int days) {
        StringBuilder text = new StringBuilder("Station 7\nexported,all\nDate Time,Temp Out (°F),Hum Out\n");
        LocalDate first = LocalDate.of(FIRST, 1, 1);
        for (int reading = 4; reading < 8 * days; reading++) {
            LocalDate day = first.plusDays(reading / 8);
            double celsius = 10
                    - 7 * Math.cos(2 * Math.PI * (day.getDayOfYear() - 25) / 365)
                    + 4 * Math.sin(Math.PI * (reading % 8 - 2) / 4);
            text.append(String.format(
                    Locale.ROOT,
                    "%d/%d/%d %02d:00,%.1f,80%n",
                    day.getMonthValue(),
                    day.getDayOfMonth(),
                    day.getYear(),
                    reading % 8 * 3,
                    celsius * 9 / 5 + 32));
        }
        return text.toString().getBytes(StandardCharsets.UTF_8);
    }
}

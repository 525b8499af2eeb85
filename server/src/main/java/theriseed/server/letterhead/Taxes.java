package theriseed.server.letterhead;

import java.math.BigDecimal;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import theriseed.core.measure.Range;
import theriseed.core.stall.InvoiceSum;
import theriseed.server.base.Refused;

/** Taxes as they are typed and kept: a line each, what it is called and its percent, as in {@code VAT 20 %}. */
public final class Taxes {
    private static final Pattern LINE = Pattern.compile("(\\S.*?)\\s+(\\d{1,3}(?:[.,]\\d{1,3})?)\\s*%?");
    private static final int MOST = 4;

    private Taxes() {}

    public static List<InvoiceSum.Tax> read(String lines) {
        List<InvoiceSum.Tax> taxes = Arrays.stream(lines.split("\n"))
                .map(String::strip)
                .filter(line -> !line.isEmpty())
                .map(Taxes::tax)
                .toList();
        Range.of(0, MOST, "lines").check("taxes", taxes.size());
        return taxes;
    }

    static String write(List<InvoiceSum.Tax> taxes) {
        return taxes.stream()
                .map(tax -> tax.name() + " " + tax.percent().toPlainString() + " %")
                .collect(Collectors.joining("\n"));
    }

    private static InvoiceSum.Tax tax(String line) {
        Matcher read = LINE.matcher(line);
        if (!read.matches()) {
            throw new Refused("taxes", line, "letterhead.tax");
        }
        BigDecimal percent = new BigDecimal(read.group(2).replace(',', '.'));
        Range.of(0, 100, "%").check("taxes", percent);
        return new InvoiceSum.Tax(read.group(1), percent);
    }
}

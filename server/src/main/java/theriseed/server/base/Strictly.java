package theriseed.server.base;

import com.fasterxml.jackson.annotation.Nulls;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.UUID;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.databind.DeserializationContext;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.cfg.CoercionAction;
import tools.jackson.databind.cfg.CoercionInputShape;
import tools.jackson.databind.cfg.EnumFeature;
import tools.jackson.databind.deser.std.StdScalarDeserializer;
import tools.jackson.databind.module.SimpleModule;
import tools.jackson.databind.type.LogicalType;

/** What is sent is read as it is or refused: nothing is cut, rounded, guessed or left out without a word. */
@Configuration(proxyBeanMethods = false)
class Strictly {
    /** No seed farm has records of other days. */
    static final LocalDate FIRST_DAY = LocalDate.of(1900, 1, 1);

    static final LocalDate LAST_DAY = LocalDate.of(2199, 12, 31);

    /** What the database keeps of a decimal, of either sign. */
    static final BigDecimal SMALLEST = new BigDecimal("0.0001");

    static final BigDecimal LARGEST = new BigDecimal("99999999");

    private static final Pattern A_UUID = Pattern.compile("[0-9a-fA-F]{8}(-[0-9a-fA-F]{4}){3}-[0-9a-fA-F]{12}");

    @Bean
    JsonMapperBuilderCustomizer readStrictly() {
        return builder -> builder.disable(DeserializationFeature.ACCEPT_FLOAT_AS_INT)
                .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
                .enable(EnumFeature.FAIL_ON_NUMBERS_FOR_ENUMS)
                .changeDefaultNullHandling(nulls -> nulls.withContentNulls(Nulls.FAIL))
                .withCoercionConfig(
                        LogicalType.Boolean,
                        yesOrNo -> yesOrNo.setCoercion(CoercionInputShape.Integer, CoercionAction.Fail)
                                .setCoercion(CoercionInputShape.String, CoercionAction.Fail))
                .addModule(new SimpleModule("strictly")
                        .addDeserializer(String.class, new Text())
                        .addDeserializer(Double.class, new Finite())
                        .addDeserializer(BigDecimal.class, new Decimal())
                        .addDeserializer(UUID.class, new Id())
                        .addDeserializer(
                                LocalDate.class, new Day<>(LocalDate.class, LocalDate::parse, Function.identity()))
                        .addDeserializer(
                                LocalDateTime.class,
                                new Day<>(LocalDateTime.class, LocalDateTime::parse, LocalDateTime::toLocalDate))
                        .addDeserializer(
                                Instant.class,
                                new Day<>(
                                        Instant.class,
                                        Instant::parse,
                                        moment -> LocalDate.ofInstant(moment, ZoneOffset.UTC))));
    }

    /** Whether a text can be kept: the database has no place for a character 0, nor for half a character. */
    static boolean keepable(String text) {
        return text.codePoints()
                .noneMatch(letter -> letter == 0
                        || Character.getType(letter) == Character.SURROGATE
                        || Character.getType(letter) == Character.UNASSIGNED);
    }

    /** Of another kind than it should be; named with what was sent, where that is a value. */
    private static Object refused(Class<?> type, JsonParser json, DeserializationContext context) {
        JsonToken sent = json.currentToken();
        if (sent == JsonToken.VALUE_STRING) {
            return context.handleWeirdStringValue(type, json.getString(), "of another kind");
        }
        return sent.isNumeric()
                ? context.handleWeirdNumberValue(type, json.getNumberValue(), "of another kind")
                : context.handleUnexpectedToken(type, json);
    }

    private static final class Text extends StdScalarDeserializer<String> {
        Text() {
            super(String.class);
        }

        @Override
        public String deserialize(JsonParser json, DeserializationContext context) {
            if (!json.hasToken(JsonToken.VALUE_STRING)) {
                return (String) refused(String.class, json, context);
            }
            String text = json.getString();
            return keepable(text)
                    ? text
                    : (String) context.handleWeirdStringValue(String.class, text, "cannot be kept");
        }
    }

    private static final class Finite extends StdScalarDeserializer<Double> {
        Finite() {
            super(Double.class);
        }

        @Override
        public Double deserialize(JsonParser json, DeserializationContext context) {
            if (!json.currentToken().isNumeric()) {
                return (Double) refused(Double.class, json, context);
            }
            double value = json.getDoubleValue();
            return Double.isFinite(value)
                    ? (Double) value
                    : (Double) context.handleWeirdNumberValue(Double.class, value, "beyond all numbers");
        }
    }

    /** A mass or an amount of money: in tenths of a milligram or hundredths of a penny, as it is kept. */
    private static final class Decimal extends StdScalarDeserializer<BigDecimal> {
        Decimal() {
            super(BigDecimal.class);
        }

        @Override
        public BigDecimal deserialize(JsonParser json, DeserializationContext context) {
            boolean text = json.hasToken(JsonToken.VALUE_STRING);
            if (!text && !json.currentToken().isNumeric()) {
                return (BigDecimal) refused(BigDecimal.class, json, context);
            }
            try {
                BigDecimal value = text ? new BigDecimal(json.getString()) : json.getDecimalValue();
                boolean lost = value.signum() != 0 && value.abs().compareTo(SMALLEST) < 0;
                return lost || value.abs().compareTo(LARGEST) > 0
                        ? (BigDecimal) context.handleWeirdNumberValue(BigDecimal.class, value, "not to be kept")
                        : value;
            } catch (NumberFormatException noNumber) {
                return (BigDecimal) context.handleWeirdStringValue(BigDecimal.class, json.getString(), "no number");
            }
        }
    }

    private static final class Id extends StdScalarDeserializer<UUID> {
        Id() {
            super(UUID.class);
        }

        @Override
        public UUID deserialize(JsonParser json, DeserializationContext context) {
            if (!json.hasToken(JsonToken.VALUE_STRING)) {
                return (UUID) refused(UUID.class, json, context);
            }
            String text = json.getString();
            return A_UUID.matcher(text).matches()
                    ? UUID.fromString(text)
                    : (UUID) context.handleWeirdStringValue(UUID.class, text, "no id");
        }
    }

    /** A day or moment as text, on a day that a record can have. */
    private static final class Day<T> extends StdScalarDeserializer<T> {
        private final Class<T> type;
        private final Function<String, T> parse;
        private final Function<T, LocalDate> day;

        Day(Class<T> type, Function<String, T> parse, Function<T, LocalDate> day) {
            super(type);
            this.type = type;
            this.parse = parse;
            this.day = day;
        }

        @Override
        @SuppressWarnings("unchecked")
        public T deserialize(JsonParser json, DeserializationContext context) {
            if (!json.hasToken(JsonToken.VALUE_STRING)) {
                return (T) refused(type, json, context);
            }
            String text = json.getString();
            try {
                T read = parse.apply(text);
                LocalDate on = day.apply(read);
                if (!on.isBefore(FIRST_DAY) && !on.isAfter(LAST_DAY)) {
                    return read;
                }
                return (T) context.handleWeirdStringValue(type, text, "far away");
            } catch (DateTimeParseException noDay) {
                return (T) context.handleWeirdStringValue(type, text, "no day");
            }
        }
    }
}

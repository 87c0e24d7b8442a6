package app.fluss.cli;

import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;

/// Images per rendered image, 1 to 20.
final class MultiplierOption implements ITypeConverter<Double> {
    private static final double MOST = 20;

    @Override
    public Double convert(String text) {
        double value;
        try {
            value = Double.parseDouble(text);
        } catch (NumberFormatException e) {
            throw new TypeConversionException("'%s' is no number".formatted(text));
        }
        if (!(value >= 1 && value <= MOST)) {
            throw new TypeConversionException("a multiplier is 1 to 20, got %s".formatted(text));
        }
        return value;
    }
}

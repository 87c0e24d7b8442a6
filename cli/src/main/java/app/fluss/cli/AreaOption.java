package app.fluss.cli;

import app.fluss.core.picture.Area;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;

/// Reads `X,Y,W,H`.
final class AreaOption implements ITypeConverter<Area> {
    @Override
    public @Nullable Area convert(String text) {
        String[] parts = text.split(",", -1);
        try {
            if (parts.length == 4) {
                return new Area(
                        Integer.parseInt(parts[0].strip()),
                        Integer.parseInt(parts[1].strip()),
                        Integer.parseInt(parts[2].strip()),
                        Integer.parseInt(parts[3].strip()));
            }
        } catch (IllegalArgumentException e) {
            // Told below, as too few numbers are.
        }
        throw new TypeConversionException("\"%s\" is no area: give X,Y,W,H in px".formatted(text));
    }
}

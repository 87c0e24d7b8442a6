package app.fluss.cli;

import app.fluss.core.picture.Area;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ITypeConverter;
import picocli.CommandLine.TypeConversionException;

/// Reads `NAME=X,Y,W,H`.
final class NamedAreaOption implements ITypeConverter<NamedArea> {
    @Override
    public @Nullable NamedArea convert(String text) {
        int at = text.indexOf('=');
        Area area = at < 1 ? null : new AreaOption().convert(text.substring(at + 1));
        if (area == null) {
            throw new TypeConversionException("\"%s\" is no named area: give NAME=X,Y,W,H in px".formatted(text));
        }
        return new NamedArea(text.substring(0, at).strip(), area);
    }
}

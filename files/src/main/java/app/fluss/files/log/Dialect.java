package app.fluss.files.log;

/// How a text file is laid out.
///
/// @param separator between cells: comma, semicolon or tab
/// @param decimal decimal point or comma
/// @param byteOrderMark bytes before the text, 0 or 3
/// @param headerLine 1-based line of the header; lines before it are a preamble
/// @param hasHeader whether that line names the columns; if not, it is data
/// @param quoted whether a quotation mark occurs in the sample, so that a full CSV parser must read it
public record Dialect(
        char separator, char decimal, int byteOrderMark, int headerLine, boolean hasHeader, boolean quoted) {}

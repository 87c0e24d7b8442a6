package app.fluss.app.theme;

import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

/// A table on its way to a spreadsheet.
public final class CopiedTable {
    private CopiedTable() {}

    /// Puts tab-separated text on the clipboard, with the minus sign that spreadsheets read as one.
    public static void put(String text) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text.replace('−', '-'));
        Clipboard.getSystemClipboard().setContent(content);
    }
}

/// Numbers read from a recording of the screen: crops of clips, the engine that names glyphs, and what is kept.
package app.fluss.files.overlay;

/// Drawing without an interface: a pen, the colours, the shapes and the text face of Fluss, and writers
/// of pictures.
package app.fluss.files.draw;

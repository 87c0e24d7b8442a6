/// How does Fluss look? Colours, type and shapes stand here and nowhere else.
package app.fluss.app.theme;

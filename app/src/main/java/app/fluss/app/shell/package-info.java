/// What surrounds every screen: the chain on top, the order of work on the left, the findings on the right.
package app.fluss.app.shell;

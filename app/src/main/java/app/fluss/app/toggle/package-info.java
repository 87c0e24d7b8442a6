/// A path that was switched on and off while a run went on: where, and what it made of it.
package app.fluss.app.toggle;

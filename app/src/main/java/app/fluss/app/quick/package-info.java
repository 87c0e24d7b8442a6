/// Quick entry: runs of readings and summaries, typed or pasted into a table.
package app.fluss.app.quick;

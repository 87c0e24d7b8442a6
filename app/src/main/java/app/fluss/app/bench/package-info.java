/// What stands on the bench, of what stages are the paths, and does anything spoil the test?
package app.fluss.app.bench;

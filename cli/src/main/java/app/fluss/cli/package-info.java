/// How does a script use Fluss? Entry type: [app.fluss.cli.Fluss]. Exit 0 done, 2 wrong usage, 3 input that
/// cannot be used.
package app.fluss.cli;

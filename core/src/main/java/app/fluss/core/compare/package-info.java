/// What changed between runs, and is the difference real? Entry types: [app.fluss.core.compare.RunComparison]
/// for logs and [app.fluss.core.compare.TableComparison] for tables of run figures. The unit of comparison is
/// the run; the baseline is always side a. Random steps have a fixed seed, so the same runs always give the
/// same intervals.
package app.fluss.core.compare;

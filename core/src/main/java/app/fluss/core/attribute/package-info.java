/// What did what: a package of settings that was switched on together, taken apart into steps and effects. Entry types:
/// [app.fluss.core.attribute.Waterfall], [app.fluss.core.attribute.Effects],
/// [app.fluss.core.attribute.FactorialDesign].
package app.fluss.core.attribute;

/// Training the eye for charts: known faults, and who finds them.
package app.fluss.core.feel.drill;

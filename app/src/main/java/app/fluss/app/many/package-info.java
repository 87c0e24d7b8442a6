/// Many files at once: one table for all, corrected once, added in one step.
package app.fluss.app.many;

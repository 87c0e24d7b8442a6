/// What do we know of generated images, and what do they give and cost, stretch by stretch? Entry types:
/// [app.fluss.core.generation.WaysToKnow] and [app.fluss.core.generation.SectionFigures].
package app.fluss.core.generation;

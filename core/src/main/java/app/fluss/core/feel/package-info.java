/// What a person notices: staircases, thresholds, reaching, and what their pictures may show.
package app.fluss.core.feel;

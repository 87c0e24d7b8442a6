/// Blind blocks: whether paths can be told apart in the game itself.
package app.fluss.app.blind;

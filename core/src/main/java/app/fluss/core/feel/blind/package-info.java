/// Whether paths are told apart without knowing which is which.
package app.fluss.core.feel.blind;

/// What did a path change, and is the change real?
package app.fluss.app.compare;

/// What happens to a game's images between the game and the eye, and what must hold before that is measured.
package app.fluss.core.path;

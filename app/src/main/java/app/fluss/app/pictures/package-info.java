/// Clips of the game: which pictures of them are distinct. Entry type: [app.fluss.app.pictures.PicturesPane].
package app.fluss.app.pictures;

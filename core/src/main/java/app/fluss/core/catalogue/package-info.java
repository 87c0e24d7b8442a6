/// What can Fluss tell? Every figure and every finding, for reference pages and whatever goes over all of them. Entry
/// type: [app.fluss.core.catalogue.Catalogue]. Above everything that it lists.
package app.fluss.core.catalogue;

/// What can be measured with what there is.
package app.fluss.core.means;

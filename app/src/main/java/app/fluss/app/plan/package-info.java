/// What is measured, how often, and in what order?
package app.fluss.app.plan;

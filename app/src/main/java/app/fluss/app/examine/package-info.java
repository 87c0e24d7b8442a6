/// What did one run really deliver?
package app.fluss.app.examine;

/// Tables of text, to be copied and written as files.
package app.fluss.files.table;

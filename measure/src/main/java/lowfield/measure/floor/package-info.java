/** What the product is held against, as a server of its own on the product's libraries: one row read, one updated, one file. */
package lowfield.measure.floor;

package lowfield.server.exchange;

/** How a part is called and numbered outside: its family, its product's name without the maker, its numbers or "". */
record Names(String family, String product, String gtin, String makerNumber) {}

package lowfield.market;

import java.math.BigDecimal;

/** One of the four shops: its letter in the data, name, host and what shipping one thing alone costs. */
record Shop(String letter, String name, String host, BigDecimal shipping) {}

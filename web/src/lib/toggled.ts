/** The list without an item that is in it, or with one that is not. */
export const toggled = <T>(list: T[], item: T): T[] =>
  list.includes(item) ? list.filter((i) => i !== item) : [...list, item];

/** Who would find out what is asked next, and the word for them. */
export const PERSONS: [string, string][] = [
  ["customer", "anybody"],
  ["fitter", "a fitter"],
  ["licensed", "a licensed person"],
];

/** The next in turn. */
export const nextPerson = (person: string): string => {
  const at = PERSONS.findIndex(([slug]) => slug === person);
  return PERSONS[(at + 1) % PERSONS.length]?.[0] ?? person;
};

export const personName = (person: string): string =>
  PERSONS.find(([slug]) => slug === person)?.[1] ?? person;

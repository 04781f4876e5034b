/** Who does the work, and the word for them. */
export const WORKERS: [string, string][] = [
  ["customer", "customer"],
  ["technician", "technician"],
  ["licensed", "licensed technician"],
];

/** The next in turn. */
export const nextWorker = (person: string): string => {
  const at = WORKERS.findIndex(([slug]) => slug === person);
  return WORKERS[(at + 1) % WORKERS.length]?.[0] ?? person;
};

export const workerName = (person: string): string =>
  WORKERS.find(([slug]) => slug === person)?.[1] ?? person;

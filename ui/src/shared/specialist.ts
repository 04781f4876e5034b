const KEY = "synopta.specialist";

/** Who serves at this counter, as they said last. */
export const specialist = (): string | null => localStorage.getItem(KEY) || null;

export const serving = (name: string) => localStorage.setItem(KEY, name);

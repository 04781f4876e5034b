/** The address of a model's page. */
export const pageOf = (model: string): string => `/machines/${model.replace(/[^A-Za-z0-9]/g, "")}`;

/** What is wanted of a load: a tawny step (1–8) and a crispness (1–5). */
export type Target = { readonly tawny: number; readonly crisp: number };

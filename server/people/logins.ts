/** A login as it is kept and looked up: without what a keyboard or an attacker may put round it or write otherwise. */
export const loginOf = (text: string): string => text.normalize('NFKC').trim().toLowerCase()

/** The password of every demo account. It opens nothing outside demo mode: there are no demo accounts there. */
export const demoPassword = 'take-it-apart'

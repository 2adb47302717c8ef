/** Money in minor units, as people write it; the server says the currency and how many digits it has. */
export function money(minor: number, currency: string, digits: number, finer = 0): string {
  return new Intl.NumberFormat('en-GB', {
    style: 'currency',
    currency,
    currencyDisplay: 'narrowSymbol',
    minimumFractionDigits: digits + finer,
    maximumFractionDigits: digits + finer,
  }).format(minor / 10 ** digits);
}

/** A day as the server writes it, so many days from now. */
export function dayFrom(days: number): string {
  return new Intl.DateTimeFormat('sv-SE').format(Date.now() + days * 86_400_000);
}

/** What a chart shows, in rows and columns. */
export interface Table {
  columns: readonly string[];
  rows: readonly (readonly string[])[];
}

/** The same as CSV (RFC 4180): a field with a comma, a quote or a line break stands in quotes. */
export function csv({ columns, rows }: Table): string {
  return [columns, ...rows].map((row) => row.map(field).join(',') + '\r\n').join('');
}

function field(text: string): string {
  // a spreadsheet must not take what somebody typed for a formula
  const safe = /^[=+@\t\r]/.test(text) ? `'${text}` : text;
  return /[",\r\n]/.test(safe) ? `"${safe.replaceAll('"', '""')}"` : safe;
}

/** A figure of three digits with its unit, in thousands or millions where it is large: 22000 Ω is "22 kΩ". */
export function inUnit(value: number, unit: string): string {
  const size = Math.abs(value);
  if (size >= 1e6) return `${figure(value / 1e6)} M${unit}`;
  return size >= 1000 ? `${figure(value / 1000)} k${unit}` : `${figure(value)} ${unit}`;
}
const figure = (value: number): string => Number(value.toPrecision(3)).toString();

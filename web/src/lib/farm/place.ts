/** Zones and currencies by whatever part of their name somebody types. */

/** Names of all zones the browser knows: "Europe/Berlin". */
export const ZONES: string[] = Intl.supportedValuesOf('timeZone');

const currencyName = new Intl.DisplayNames('en', { type: 'currency' });
const symbol = (code: string) =>
	new Intl.NumberFormat('en', { style: 'currency', currency: code, currencyDisplay: 'narrowSymbol' })
		.formatToParts(0)
		.find((part) => part.type === 'currency')!.value;

export const CURRENCIES: { code: string; name: string }[] = Intl.supportedValuesOf('currency').map(
	(code) => ({ code, name: currencyName.of(code) ?? code })
);

/** The only one that matches; what was typed, where none does or several do. */
function only(typed: string, matching: string[]): string {
	return matching.length === 1 ? matching[0] : typed.trim();
}

/** A zone by its name or a part of it: "berlin". */
export function zoneOf(typed: string): string {
	const part = typed.trim().toLowerCase().replace(/\s+/g, '_');
	if (!part) return '';
	const whole = ZONES.find((zone) => zone.toLowerCase() === part);
	const ends = ZONES.filter((zone) => zone.toLowerCase().endsWith(`/${part}`));
	return whole ?? only(typed, ends.length ? ends : ZONES.filter((zone) => zone.toLowerCase().includes(part)));
}

/** A currency by its letters, its sign or a part of its name: "euro". */
export function currencyOf(typed: string): string {
	const part = typed.trim().toLowerCase();
	if (!part) return '';
	const exact = CURRENCIES.find((one) => one.code.toLowerCase() === part || one.name.toLowerCase() === part);
	if (exact) return exact.code;
	const signed = CURRENCIES.filter((one) => symbol(one.code) === typed.trim());
	const named = CURRENCIES.filter((one) => one.name.toLowerCase().includes(part));
	return only(
		typed,
		(signed.length ? signed : named).map((one) => one.code)
	);
}

/** English as it is written where this browser stands, if it is written there; else British. */
export function localeOf(languages: readonly string[], known: string[]): string {
	const places = languages.map((language) => new Intl.Locale(language).maximize().region);
	return known.find((locale) => places.includes(locale.slice(3))) ?? 'en-GB';
}

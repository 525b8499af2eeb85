/** How a device is told to trust the farm's authority; what its settings say differs a little between makers. */
export interface Way {
	device: string;
	/** A part of how such a browser names itself. */
	calls: RegExp;
	steps: string[];
}

export const WAYS: Way[] = [
	{
		device: 'iPhone, iPad',
		calls: /iPhone|iPad|iPod/,
		steps: [
			'Open this page in the browser that came with the phone. Take the certificate, and allow the download.',
			'Settings: “Profile downloaded” stands at the top. Open it and install it; the phone asks for its code.',
			'Settings, General, About, Certificate Trust Settings: switch the farm’s on.',
			'Come back here.'
		]
	},
	{
		device: 'Android',
		calls: /Android/,
		steps: [
			'Take the certificate. It lands among the downloads.',
			'Settings: search for “CA certificate”. It is under security, often “more security settings”, “install a certificate”.',
			'Choose “CA certificate”, install it all the same, and pick the file from the downloads. A phone without a screen lock asks for one.',
			'Come back here. From now on the phone says that its network may be watched: that is said of every authority added by hand.'
		]
	},
	{
		device: 'A computer',
		calls: /./,
		steps: [
			'Take the certificate, and open the file.',
			'Windows: install it for this user, into the “trusted root certification authorities”. Mac: add it to the login keychain, open it there, and always trust it.',
			'Linux, or a browser that keeps its own list: browser settings, certificates, authorities, import, trust it for websites.',
			'Come back here; start the browser again if it still warns.'
		]
	}
];

/** Which of the ways is that of the browser which names itself so. */
export function wayOf(browser: string): Way {
	return WAYS.find((way) => way.calls.test(browser)) ?? WAYS[WAYS.length - 1];
}

/** A fingerprint in lines of eight pairs, to be held against another. */
export function inLines(fingerprint: string): string[] {
	const pairs = fingerprint.split(' ');
	return Array.from({ length: Math.ceil(pairs.length / 8) }, (_, line) =>
		pairs.slice(8 * line, 8 * line + 8).join(' ')
	);
}

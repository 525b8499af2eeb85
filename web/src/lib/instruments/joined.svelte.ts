import type { Schemas } from '$lib/api/api';
import type { Figure, Kind } from './figures';
import {
	hid,
	hidScale,
	serial,
	serialPort,
	WEIGHING,
	type HidDevice,
	type Port,
	type SerialPort
} from './ports';

type Shown = Schemas['Shown'];

/** After so long without a word an instrument is not heard. */
const SILENT_MS = 3000;
/** Grams are taken once they stood still for so long, to a thousandth or a tenth of a gram. */
const STILL_MS = 1200;
const KEPT_AS = 'theriseed.instruments';
const UNIT: Record<Kind, string> = { SCALE: 'g', MASH: '°C', AIR: '°C', HUMIDITY: '%' };

/** How an instrument on a cable was joined, so that it is joined again by itself. */
interface Way {
	kind: Kind;
	over: 'serial' | 'hid';
	baudRate: number;
	device: string;
}

/** An instrument on a cable of this computer, whose port is open. */
class Instrument {
	shown = $state.raw<Shown>() as Shown;
	#still?: { value: number; since: number };
	#silence?: ReturnType<typeof setTimeout>;

	constructor(
		readonly way: Way,
		readonly port: Port,
		gone: () => void
	) {
		this.shown = this.#shows();
		port
			.listen((figure) => this.#heard(figure))
			.catch(() => undefined)
			.finally(() => {
				clearTimeout(this.#silence);
				gone();
			});
	}

	#heard({ value, steady }: Figure) {
		const now = performance.now();
		const same = this.#still && Math.abs(value - this.#still.value) <= Math.max(0.1, Math.abs(value) / 1000);
		if (!same) this.#still = { value, since: now };
		const settled = steady ?? (this.way.kind !== 'SCALE' || now - this.#still!.since >= STILL_MS);
		this.shown = this.#shows(value, settled);
		clearTimeout(this.#silence);
		this.#silence = setTimeout(() => (this.shown = this.#shows()), SILENT_MS);
	}

	#shows(value?: number, steady = false): Shown {
		const { kind, over } = this.way;
		return {
			kind,
			name:
				kind === 'SCALE'
					? `scale, ${over}`
					: `${kind === 'HUMIDITY' ? 'hygrometer' : 'thermometer'}, ${over}`,
			simulated: false,
			unit: UNIT[kind],
			...(value === undefined ? {} : { value }),
			steady
		};
	}
}

/** The instruments on cables of this computer, one of a kind. What they show is read here and goes nowhere else. */
class Joined {
	all = $state.raw<Instrument[]>([]);
	#looked = false;

	/** Whether this browser reads instruments at all: not without HTTPS, and not on most phones. */
	get possible() {
		return serial() !== undefined || hid() !== undefined;
	}
	get scaleByHid() {
		return hid() !== undefined;
	}
	get bySerial() {
		return serial() !== undefined;
	}
	get shown(): Shown[] {
		return this.all.map((one) => one.shown);
	}

	/** Asks which serial port it is; the browser shows them. */
	async joinSerial(kind: Kind, baudRate: number) {
		const port = await serial()!.requestPort();
		await this.#join(
			{ kind, over: 'serial', baudRate, device: nameOf(port) },
			serialPort(port, kind, baudRate)
		);
	}
	/** The same for a scale that is a HID device. */
	async joinHid() {
		const [device] = await hid()!.requestDevice({ filters: [{ usagePage: WEIGHING }] });
		if (device) await this.#join(wayOf(device), hidScale(device));
	}
	async leave(kind: Kind) {
		const gone = this.#letGo((one) => one.way.kind === kind);
		this.#keep();
		await gone;
	}

	/** Joins again what was joined before, once; what does not open now is tried again with the next page load. */
	async again() {
		if (this.#looked || !this.possible) return;
		this.#looked = true;
		const kept = JSON.parse(localStorage.getItem(KEPT_AS) ?? '[]') as Way[];
		const ports = kept.length ? ((await serial()?.getPorts()) ?? []) : [];
		const devices = kept.length ? ((await hid()?.getDevices()) ?? []) : [];
		for (const way of kept) {
			const port = ports.find((one) => nameOf(one) === way.device);
			const device = devices.find((one) => one.productName === way.device);
			const found =
				way.over === 'serial' ? port && serialPort(port, way.kind, way.baudRate) : device && hidScale(device);
			if (found) await this.#join(way, found).catch(() => undefined);
		}
	}

	/** A port is opened once, so whatever was read from it is let go first; what measured the same, once the new one is open. */
	async #join(way: Way, port: Port) {
		await this.#letGo((one) => one.port.device === port.device);
		await port.open();
		await this.#letGo((one) => one.way.kind === way.kind);
		const one: Instrument = new Instrument(way, port, () => {
			this.all = this.all.filter((other) => other !== one);
		});
		this.all = [...this.all, one];
		this.#keep();
	}
	async #letGo(which: (one: Instrument) => boolean) {
		const gone = this.all.filter(which);
		this.all = this.all.filter((one) => !gone.includes(one));
		await Promise.all(gone.map((one) => one.port.shut()));
	}
	#keep() {
		localStorage.setItem(KEPT_AS, JSON.stringify(this.all.map((one) => one.way)));
	}
}

function nameOf(port: SerialPort): string {
	const { usbVendorId, usbProductId } = port.getInfo();
	return `${usbVendorId ?? ''}:${usbProductId ?? ''}`;
}
function wayOf(device: HidDevice): Way {
	return { kind: 'SCALE', over: 'hid', baudRate: 0, device: device.productName };
}

export const joined = new Joined();

import { figureOf, type Figure, type Kind } from './figures';
import { BASE } from './bases';

/** The parts of the browser’s serial ports that are used; no library of types knows them. */
export interface SerialPort {
	open(options: { baudRate: number }): Promise<void>;
	close(): Promise<void>;
	getInfo(): { usbVendorId?: number; usbProductId?: number };
	readable: ReadableStream<Uint8Array> | null;
}
interface Serial {
	requestPort(): Promise<SerialPort>;
	getPorts(): Promise<SerialPort[]>;
}
/** The same of its HID devices. */
export interface HidDevice extends EventTarget {
	opened: boolean;
	productName: string;
	open(): Promise<void>;
	close(): Promise<void>;
}
interface Hid {
	requestDevice(options: { filters: { usagePage: number }[] }): Promise<HidDevice[]>;
	getDevices(): Promise<HidDevice[]>;
}

const browser = () => globalThis.navigator as Navigator & { serial?: Serial; hid?: Hid };
export const serial = () => browser()?.serial;
export const hid = () => browser()?.hid;

/** Weighing devices, by the USB usage tables for points of sale. */
export const WEIGHING = 0x8d;

/** A way to an instrument: opened, or refused with what is in the way; then it tells its figures until it is shut. */
export interface Port {
	/** What hangs there, as the browser knows it: two converters of one make are told apart by nothing else. */
	device: object;
	open(): Promise<void>;
	listen(heard: (figure: Figure) => void): Promise<void>;
	shut(): Promise<void>;
}

/** Lines of text over a serial port. */
export function serialPort(port: SerialPort, kind: Kind, baudRate: number): Port {
	let reader: ReadableStreamDefaultReader<string> | undefined;
	let flowing: Promise<void> | undefined;
	return {
		device: port,
		open: () => port.open({ baudRate }),
		async listen(heard) {
			const text = new TextDecoderStream();
			flowing = port.readable!.pipeTo(text.writable as WritableStream<Uint8Array>).catch(() => undefined);
			reader = text.readable.getReader();
			let begun = '';
			for (;;) {
				const { value, done } = await reader.read();
				if (done) return;
				const lines = (begun + value).split(/[\r\n]+/);
				begun = lines.pop() ?? '';
				for (const line of lines) {
					const figure = figureOf(line, kind);
					if (figure) heard(figure);
				}
			}
		},
		async shut() {
			await reader?.cancel().catch(() => undefined);
			await flowing;
			await port.close().catch(() => undefined);
		}
	};
}

/** Of the usage tables: the data report of a scale, and what it says in it. */
const DATA_REPORT = 3;
const STABLE_AT_ZERO = 2;
const IN_MOTION = 3;
const STABLE = 4;
const UNITS: Record<number, string> = { 1: 'mg', 2: 'g', 3: 'kg', 11: 'oz', 12: 'lb' };

/** A scale as a HID device. */
export function hidScale(device: HidDevice): Port {
	let over: () => void = () => undefined;
	return {
		device,
		async open() {
			if (!device.opened) await device.open();
		},
		async listen(heard) {
			const told = (event: Event) => {
				const { reportId, data } = event as Event & { reportId: number; data: DataView };
				if (reportId !== DATA_REPORT || data.byteLength < 5) return;
				const status = data.getUint8(0);
				const base = BASE.SCALE[UNITS[data.getUint8(1)]];
				if (!base || ![STABLE_AT_ZERO, IN_MOTION, STABLE].includes(status)) return;
				const number = data.getUint16(3, true) * 10 ** data.getInt8(2);
				heard({ value: Number(base(number).toFixed(4)), steady: status !== IN_MOTION });
			};
			device.addEventListener('inputreport', told);
			await new Promise<void>((done) => (over = done));
			device.removeEventListener('inputreport', told);
		},
		async shut() {
			over();
			await device.close();
		}
	};
}

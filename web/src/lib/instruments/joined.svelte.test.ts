import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { joined } from './joined.svelte';
import { WEIGHING } from './ports';

/** A serial port with nothing behind it but the test. */
class SimulatedPort {
	rate = 0;
	#says?: ReadableStreamDefaultController<Uint8Array>;
	readable: ReadableStream<Uint8Array> | null = null;
	open = vi.fn(({ baudRate }: { baudRate: number }) => {
		this.rate = baudRate;
		this.readable = new ReadableStream({ start: (says) => void (this.#says = says) });
		return Promise.resolve();
	});
	close = vi.fn(() => Promise.resolve());
	getInfo = () => ({ usbVendorId: 1, usbProductId: 2 });
	says(text: string) {
		this.#says!.enqueue(new TextEncoder().encode(text));
	}
	ends() {
		this.#says!.close();
	}
}

/** A scale as a HID device, as the USB usage tables describe it. */
class SimulatedHid extends EventTarget {
	opened = false;
	productName = 'scale';
	open = () => Promise.resolve(void (this.opened = true));
	close = () => Promise.resolve(void (this.opened = false));
	says(...bytes: number[]) {
		const told = new Event('inputreport') as Event & { reportId: number; data: DataView };
		told.reportId = 3;
		told.data = new DataView(new Uint8Array(bytes).buffer);
		this.dispatchEvent(told);
	}
}

const shown = (kind: string) => joined.shown.find((one) => one.kind === kind);

describe('instruments on cables of this computer', () => {
	let port: SimulatedPort;
	let device: SimulatedHid;
	beforeEach(() => {
		localStorage.clear();
		port = new SimulatedPort();
		device = new SimulatedHid();
		vi.stubGlobal('navigator', {
			serial: { requestPort: () => Promise.resolve(port), getPorts: () => Promise.resolve([port]) },
			hid: {
				requestDevice: ({ filters }: { filters: { usagePage: number }[] }) =>
					Promise.resolve(filters[0].usagePage === WEIGHING ? [device] : []),
				getDevices: () => Promise.resolve([device])
			}
		});
	});
	afterEach(async () => {
		await joined.leave('SCALE');
		await joined.leave('MASH');
		vi.unstubAllGlobals();
	});

	it('reads a scale in pieces of lines, steady once it stood still', async () => {
		const clock = vi.spyOn(performance, 'now').mockReturnValue(0);
		await joined.joinSerial('SCALE', 4800);
		expect(shown('SCALE')).toMatchObject({ simulated: false, unit: 'g', steady: false });
		port.says('  41');
		port.says('0.0 g\r\n 412.5 g\r\n');
		await vi.waitFor(() => expect(shown('SCALE')?.value).toBe(412.5));
		expect(port.rate).toBe(4800);
		expect(shown('SCALE')?.steady).toBe(false);
		clock.mockReturnValue(1500);
		port.says(' 412.6 g\n');
		await vi.waitFor(() => expect(shown('SCALE')).toMatchObject({ value: 412.6, steady: true }));
		clock.mockReturnValue(1600);
		port.says(' 380.0 g\n');
		await vi.waitFor(() => expect(shown('SCALE')).toMatchObject({ value: 380, steady: false }));
		clock.mockRestore();
	});

	it('takes warmth as it comes, and is gone when its cable is', async () => {
		await joined.joinSerial('MASH', 9600);
		port.says('77.0F\n');
		await vi.waitFor(() => expect(shown('MASH')).toMatchObject({ value: 25, unit: '°C', steady: true }));
		port.ends();
		await vi.waitFor(() => expect(shown('MASH')).toBeUndefined());
	});

	it('is not heard once it says nothing', async () => {
		await joined.joinHid();
		await vi.waitFor(() => expect(device.opened).toBe(true));
		vi.useFakeTimers();
		device.says(4, 2, 0, 0x9c, 1);
		expect(shown('SCALE')?.value).toBe(412);
		vi.advanceTimersByTime(3100);
		expect(shown('SCALE')?.value).toBeUndefined();
		vi.useRealTimers();
	});

	it('believes a HID scale that it has settled, in its own unit and power of ten', async () => {
		await joined.joinHid();
		await vi.waitFor(() => expect(device.opened).toBe(true));
		device.says(3, 2, 255, 0x1d, 16);
		expect(shown('SCALE')).toMatchObject({ value: 412.5, steady: false });
		device.says(4, 12, 255, 20, 0);
		expect(shown('SCALE')).toMatchObject({ value: 907.1847, steady: true });
		// Overloaded: what it tells then is no weight.
		device.says(6, 2, 0, 1, 0);
		expect(shown('SCALE')?.value).toBe(907.1847);
	});

	it('lets an instrument go, and joins again what it knew', async () => {
		await joined.joinSerial('SCALE', 2400);
		expect(JSON.parse(localStorage.getItem('theriseed.instruments')!)).toEqual([
			{ kind: 'SCALE', over: 'serial', baudRate: 2400, device: '1:2' }
		]);
		await joined.leave('SCALE');
		expect(port.close).toHaveBeenCalledOnce();
		expect(localStorage.getItem('theriseed.instruments')).toBe('[]');
		expect(joined.shown).toEqual([]);
	});

	it('says that a port does not open, and keeps what was joined before', async () => {
		await joined.joinHid();
		port.open.mockRejectedValueOnce(new Error('it is open elsewhere'));
		await expect(joined.joinSerial('SCALE', 9600)).rejects.toThrow('it is open elsewhere');
		expect(shown('SCALE')?.name).toBe('scale, hid');
		expect(JSON.parse(localStorage.getItem('theriseed.instruments')!)).toHaveLength(1);
	});

	it('opens a port at another rate only once it is shut', async () => {
		await joined.joinSerial('SCALE', 2400);
		port.open.mockImplementationOnce(({ baudRate }) => {
			expect(port.close).toHaveBeenCalledOnce();
			port.rate = baudRate;
			return Promise.resolve();
		});
		await joined.joinSerial('MASH', 9600);
		expect(port.rate).toBe(9600);
		expect(joined.shown.map((one) => one.kind)).toEqual(['MASH']);
	});

	it('joins again by itself what was joined before', async () => {
		localStorage.setItem(
			'theriseed.instruments',
			JSON.stringify([{ kind: 'SCALE', over: 'serial', baudRate: 2400, device: '1:2' }])
		);
		await joined.again();
		port.says('8 g\n');
		await vi.waitFor(() => expect(shown('SCALE')?.value).toBe(8));
		expect(port.rate).toBe(2400);
	});
});

import { describe, expect, it } from 'vitest';
import type { Schemas } from '$lib/api/api';
import { toInvoice } from './invoice';

const order = (kind: string, ...numbers: number[]) =>
	({ kind, deliveries: numbers.map((number) => ({ number, on: '2026-08-14' })) }) as Schemas['OrderView'];
const invoice = (firstDelivery: number, lastDelivery: number, cancelledBecause?: string) =>
	({ firstDelivery, lastDelivery, cancelledBecause }) as Schemas['InvoiceView'];

describe('deliveries that no invoice asks for', () => {
	it('are those no standing invoice covers', () => {
		const numbers = (...of: Schemas['InvoiceView'][]) =>
			toInvoice(order('SALE', 1, 2, 3), of).map(({ number }) => number);
		expect(numbers()).toEqual([1, 2, 3]);
		expect(numbers(invoice(1, 2))).toEqual([3]);
		expect(numbers(invoice(1, 2, 'a wrong price'), invoice(3, 3))).toEqual([1, 2]);
	});
	it('are none of a gift', () => {
		expect(toInvoice(order('GIFT', 1), [])).toEqual([]);
	});
});

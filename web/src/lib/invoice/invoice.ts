import type { Schemas } from '$lib/api/api';

/** The deliveries of an order that no invoice asks for. */
export function toInvoice(
	order: Schemas['OrderView'],
	invoices: Schemas['InvoiceView'][]
): Schemas['Delivery'][] {
	const standing = invoices.filter((one) => !one.cancelledBecause);
	return order.kind !== 'SALE'
		? []
		: order.deliveries.filter(
				({ number }) => !standing.some((one) => one.firstDelivery <= number && number <= one.lastDelivery)
			);
}

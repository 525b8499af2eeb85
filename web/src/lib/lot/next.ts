import type { Schemas } from '$lib/api/api';

type Reason = Schemas['GateView']['reasons'][number];

/** What is told by a test: whoever finds one of these goes to the test table. */
const TOLD_BY_TESTS: readonly Reason[] = [
	'DRYNESS_UNKNOWN',
	'HEATED',
	'WEEVILS',
	'SECOND_LOOK',
	'NOT_PURE',
	'SEED_WEIGHT_UNKNOWN',
	'SEED_WEIGHT_UNEVEN',
	'UNTESTED',
	'REPLICATES_DISAGREE',
	'TOO_FEW_TESTED',
	'TEST_RUN_OUT'
];

/** Where the next work on a lot is done; nowhere while only time or a decision can help it. */
export function nextAct(
	gate: Pick<Schemas['GateView'], 'mayBeSold' | 'reasons'>,
	bench: Pick<Schemas['BenchView'], 'clean' | 'transferred'>,
	stock: Pick<Schemas['StockView'], 'bulk' | 'packets'>
): 'pack' | 'sell' | 'bench' | 'tests' | undefined {
	if (gate.mayBeSold) return stock.bulk > 0 ? 'pack' : stock.packets > 0 ? 'sell' : undefined;
	if (bench.transferred) return undefined;
	if (!bench.clean) return 'bench';
	return gate.reasons.some((one) => TOLD_BY_TESTS.includes(one)) ? 'tests' : undefined;
}

import type { Schemas } from '$lib/api/api';
import type { Waiting } from '$lib/offline/box';

type Bench = Schemas['BenchView'];
type Step = Schemas['StepRequest'];

const A_STEP = /^\/api\/(lots\/[^/]+\/steps|steps\/[^/]+)$/;

/**
 * How a lot stands at the bench with what was done on this phone and has not arrived: which step is next follows its
 * chain. Nothing else is told of such steps before the farm has them.
 */
export function ahead(bench: Bench, kept: Waiting[]): Bench {
	return kept
		.filter((one) => A_STEP.test(one.path))
		.filter(({ body }) => !('reason' in (body as Step)))
		.reduce(after, bench);
}

function after(bench: Bench, { id, body }: Waiting): Bench {
	const step = body as Step;
	if (step.massOut === undefined) {
		return { ...bench, next: undefined, underWay: begun(id, bench.steps.length + 1, step) };
	}
	const left = bench.left.slice(bench.left.indexOf(step.kind) + 1);
	return {
		...bench,
		mass: step.massOut,
		left,
		next: left[0],
		clean: left.length === 0,
		underWay: undefined
	};
}

/** A step that was begun here; when it began the farm will say. */
function begun(id: string, place: number, step: Step): Schemas['StepView'] {
	return {
		...step,
		id,
		place,
		version: 0,
		people: step.people ?? 1,
		vessels: step.vessels ?? '',
		way: step.way ?? '',
		dampBecause: step.dampBecause ?? ''
	} as Schemas['StepView'];
}

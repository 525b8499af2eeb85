import type { Schemas } from '$lib/api/api';
import { money } from '$lib/stall/words';
import { capital } from '$lib/words/words';
import sentences from '$lib/words/en.ways.json';
import { say, saying, teach } from '$lib/words/say';
import { seasonName } from './year';

teach(sentences);

type Way = Schemas['WayView'];

/** A way out as it is said: the act, what it means, and all that it costs. */
export function wayWords(way: Way): { act: string; means: string[]; cost: string } {
	const told = way.steps.map((step) => ({
		...step.change,
		...('season' in step.change ? { season: seasonName(step.change.season) } : {}),
		target: step.targetName,
		clears: way.verdict === 'CLEAR'
	}));
	const byTurns = told.every((step) => step.kind === 'CageByTurns');
	const both = { ...told[0], target: told.map((step) => step.target).join(' and ') };
	const acts = byTurns ? [saying('way.act', both)] : told.map((step) => saying('way.act', step));
	return {
		act: acts
			.map((act, i) => (i === 0 ? act : `${act.charAt(0).toLowerCase()}${act.slice(1)}`))
			.join(', and '),
		means:
			told.length === 1
				? [saying('way.means', told[0])]
				: told.map((step, i) => `${capital(step.target)}: ${saying('way.means', told[i])}`),
		cost: costWords(way.cost)
	};
}

/** Everything a way costs, in one line. */
export function costWords(cost: Schemas['WayCost']): string {
	const parts = [];
	if (cost.hours > 0) {
		parts.push(cost.hours < 1 ? say('way.cost.littleWork') : say('way.cost.work', { hours: cost.hours }));
	}
	if (cost.seedLost > 0) {
		parts.push(
			cost.seedLost > 1
				? say('way.cost.severalSeed', { crops: Math.round(cost.seedLost) })
				: cost.seedLost === 1
					? say('way.cost.itsSeed')
					: say('way.cost.partOfItsSeed', { share: cost.seedLost })
		);
	}
	if (cost.seasonsLost > 0) parts.push(say('way.cost.seasons', { crops: cost.seasonsLost }));
	if (cost.lowerGrades > 0) parts.push(say('way.cost.lowerGrade'));
	if (cost.moves > 0) parts.push(say('way.cost.moves'));
	if (parts.length === 0) return say('way.cost.nothing');
	return parts.join(', ') + (cost.money === undefined ? '' : ` (about ${money(cost.money)})`);
}

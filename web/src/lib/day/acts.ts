import type { Schemas } from '$lib/api/api';
import { percent, temperature, type Units, whole } from '$lib/units/units';
import { dayMonth, moment } from '$lib/words/dates';
import { capital, cropWord, many, STEP, workWords, type Work } from '$lib/words/words';

type Act = Schemas['Act'];

/** An act as it is read: what to do, why, the number, and where it is done. */
export interface Said {
	act: string;
	why: string;
	number: string;
	path: string;
}

/** Says an act in a grower's words. */
export function say(act: Act, now: string, units: Units): Said {
	const crop = cropWord(act.crop);
	const of = `the ${act.variety} ${crop}`;
	const plot = act.plot.toLowerCase();
	const lot = act.lot ?? '';
	const at = act.at ? moment(act.at, now) : '';
	switch (act.kind) {
		case 'RINSE':
			return {
				act: 'Rinse now',
				why: `${act.variety} ${crop}, fermenting at ${temperature(act.temperature ?? 0, units)}.`,
				number: act.at && act.at < now ? `over-run since ${at}` : `over-runs ${at}`,
				path: `/bench/${lot}`
			};
		case 'STIR':
			return {
				act: `Stir ${of}`,
				why: 'Fermenting; twice a day keeps it even.',
				number: `ready ${at}`,
				path: `/bench/${lot}`
			};
		case 'WALK':
			return {
				act: `Walk ${of}`,
				why:
					act.share === undefined
						? act.other
							? `${capital(act.stage ?? 'now')}: ${act.other}.`
							: `Nobody has walked it yet, ${plot}.`
						: `So far up to ${percent(act.share)} could be off; the limit is ${percent(act.limit ?? 0)}.`,
				number: act.count
					? `look at ${whole(act.count)} more`
					: act.share === undefined
						? plot
						: 'over the limit',
				path: `/walk/${act.plantingId}`
			};
		case 'PICK':
			return {
				act: `Look whether ${of} is ripe`,
				why: `Its first seed should be ripe since ${dayMonth(act.at ?? now)}. Label first, then fill.`,
				number: plot,
				path: `/harvest/${act.plantingId}`
			};
		case 'FILL_LOT':
			return {
				act: `Weigh the harvest of ${of}`,
				why: 'It has its number, nothing is in it yet.',
				number: plot,
				path: `/harvest/${act.plantingId}?lot=${lot}`
			};
		case 'NEXT_STEP':
			return {
				act: `${STEP[act.step!].act} ${of}`,
				why: 'It stands at the bench and waits.',
				number: '',
				path: `/bench/${lot}`
			};
		case 'WEIGH_TRAY':
			return {
				act: 'Weigh the tray',
				why:
					act.other === 'TOO_WARM'
						? `${act.variety} ${crop}: the air is warmer than it bears while it is damp.`
						: act.other === 'REWETTED'
							? `${act.variety} ${crop} took up water again: keep it from the evening damp.`
							: act.count! > 3
								? `${act.variety} ${crop}: nobody weighed it for ${many(act.count!, 'day')}. Forgotten?`
								: `${act.variety} ${crop}, ${percent(act.share!)} moist; ${percent(act.limit!)} is wanted.`,
				number: act.at ? `dry ${moment(act.at, now)}` : '',
				path: `/bench/${act.lot}`
			};
		case 'WEIGH_OUT':
			return {
				act: `Weigh ${of}`,
				why: `${capital(STEP[act.step!].doing)} since ${at}.`,
				number: '',
				path: `/bench/${lot}`
			};
		case 'FREEZE':
			return {
				act: `Freeze ${of}`,
				why: `Weevils: ${percent(act.share!)} of the seed looked at was bored; every day they bore on.`,
				number: `up to ${percent(act.limit!)}`,
				path: `/lot/${lot}/tests`
			};
		case 'LOOK_FOR_WEEVILS':
			return {
				act: `Look for weevils in ${of}`,
				why: 'It was frozen; what lived on has hatched by now.',
				number: `since ${dayMonth(act.at ?? now)}`,
				path: `/lot/${lot}/tests`
			};
		case 'WEIGH_SEED':
			return {
				act: `Weigh 100 seeds of ${of}`,
				why: 'Without its seed weight no packet can be filled by count.',
				number: '',
				path: `/lot/${lot}/tests`
			};
		case 'TEST_GERMINATION':
			return {
				act: `Test ${of}`,
				why: act.at
					? `Its last germination test ran out ${dayMonth(act.at, now)}.`
					: 'Its germination was never tested.',
				number: '4 × 100 seeds',
				path: `/lot/${lot}/tests`
			};
		case 'COUNT_GERMINATION':
			return {
				act: `Count the seedlings of ${of}`,
				why: `Set ${dayMonth(act.at ?? now, now)}; ${act.other === 'FIRST' ? 'the first count: take the normal ones out' : 'the last count'}.`,
				number: `${act.count} seeds`,
				path: `/lot/${lot}/tests`
			};
		case 'TEST_AGAIN':
			return {
				act: `Test ${of} again`,
				why: `Its replicates lie ${Math.round((act.share ?? 0) * 100)} points apart; chance explains ${Math.round((act.limit ?? 0) * 100)}.`,
				number: '4 × 100 seeds',
				path: `/lot/${lot}/tests`
			};
		case 'LOOK_AT_HOLD':
			return { act: `Decide about ${of}`, why: `On hold: ${act.other}.`, number: '', path: `/lot/${lot}` };
		case 'DECIDE_ISOLATION':
			return {
				act: `Keep ${of} true`,
				why: `${act.other} crosses it: about ${percent(act.share ?? 0)} of the seed, ${percent(act.limit ?? 0)} is let pass.`,
				number: plot,
				path: `/desk?planting=${act.plantingId}`
			};
		case 'DECIDE_RING':
			return {
				act: `Decide about the seed of ${of}`,
				why: `An off-type shed pollen: about ${percent(act.share ?? 0)} of the seed is its; ${percent(act.limit ?? 0)} is let pass.`,
				number: plot,
				path: `/walk/${act.plantingId}/found`
			};
		case 'POLLINATE':
			return {
				act: `Pollinate ${of}`,
				why: 'The buds that were closed last evening open now; a flower lasts one morning.',
				number: many(act.count ?? 0, 'flower'),
				path: `/pollination/${act.plantingId}`
			};
		case 'LOOK_AT_FLOWERS':
			return {
				act: `See which flowers of ${of} took`,
				why: 'Some days after pollination a fruit that took has swollen.',
				number: many(act.count ?? 0, 'flower'),
				path: `/pollination/${act.plantingId}#took`
			};
		case 'SHAKE':
			return {
				act: `Shake the bags of ${of}`,
				why: 'Under a bag no insect does it.',
				number: many(act.count ?? 0, 'bag'),
				path: `/pollination/${act.plantingId}#covers`
			};
		case 'PACK':
			return {
				act: `Pack ${of}`,
				why: 'Clean, tested, and nothing holds it back.',
				number: '',
				path: `/stall/${lot}`
			};
		default:
			return {
				act: workWords(act.kind, `${act.variety} ${crop}`),
				why: act.other ? `${capital(act.other)}.` : WHY_NOW[act.kind],
				number: act.at && act.at.slice(0, 10) > now.slice(0, 10) ? `until ${dayMonth(act.at)}` : plot,
				path: FLOWERS.includes(act.kind)
					? `/pollination/${act.plantingId}`
					: act.kind === 'WATCH_RIPENING'
						? `/ripening/${act.plantingId}`
						: STORED.includes(act.kind)
							? `/stand/${act.plantingId}`
							: `/desk?planting=${act.plantingId}`
			};
	}
}

/** Work on flowers and their covers. */
const FLOWERS: Act['kind'][] = ['CLOSE_BUDS', 'COVER', 'BRING_INSECTS', 'UNCOVER'];

/** Work on what is lifted and stored: counted and looked through. */
const STORED: Act['kind'][] = ['LIFT', 'CHECK_STORE', 'REPLANT'];

const WHY_NOW: Record<Work, string> = {
	SOW: 'Planned for today.',
	PLANT: 'Planned for today.',
	SET_OUT: 'Planned for today.',
	STAKE: 'Tall stalks lie down in the first wind.',
	WALK: 'Before it sheds pollen.',
	HOE_VOLUNTEERS: 'What comes up by itself would cross it.',
	COVER: 'Before the first flower opens.',
	BRING_INSECTS: 'The last ones are at the end of their life.',
	CLOSE_BUDS: 'Male and female buds that open tomorrow.',
	UNCOVER: 'The fruit has set.',
	WATCH_RIPENING: 'The first seed is about to ripen.',
	PICK: 'The first seed is ripe.',
	LIFT: 'Judge each one; keep the best.',
	CHECK_STORE: 'Throw out soft and mouldy ones.',
	REPLANT: 'The best, to seed.',
	CLEAR: 'Before it can flower and cross others.'
};

/** How many wait, and the one that cannot: "nine things wait; the Small Hours tomato cannot". */
export function waiting(acts: Act[]): string {
	const pressing = acts.find((act) => act.urgent);
	return pressing
		? `${howMany(acts.length)}; the ${pressing.variety} ${cropWord(pressing.crop)} cannot`
		: howMany(acts.length);
}

/** "nine things wait", said in words where words are short. */
function howMany(count: number): string {
	const words = [
		'nothing waits',
		'one thing waits',
		'two',
		'three',
		'four',
		'five',
		'six',
		'seven',
		'eight',
		'nine',
		'ten',
		'eleven',
		'twelve'
	];
	if (count < 2) return words[count];
	return `${words[count] ?? many(count, 'thing').split(' ')[0]} things wait`;
}

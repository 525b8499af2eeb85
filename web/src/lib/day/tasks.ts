import type { Schemas } from '$lib/api/api';
import tasks from '$lib/words/en.tasks.json';
import { say, saying, teach } from '$lib/words/say';
import { whole } from '$lib/units/units';
import { capital, cropWord } from '$lib/words/words';

teach(tasks);

type Task = Schemas['Task'];
type Kind = Task['toDo']['kind'];
type Planned = Extract<Task['toDo'], { kind: 'Planned' }>['work'];

/** A task as it is read: what to do, why, the figure that tells, and where it is done. */
export interface Said {
	what: string;
	why: string;
	figure: string;
	path: string;
}

/** Says a task in the reader's words. */
export function sayTask(task: Task): Said {
	const { toDo, variety, crop, plot } = task;
	const told = { ...toDo, variety, crop, plot };
	const figure = saying('task.figure', told);
	if (toDo.kind === 'Planned') {
		return {
			what: say(`work.${toDo.work}`, told),
			why: toDo.about ? `${capital(toDo.about)}.` : say(`workWhy.${toDo.work}`),
			figure,
			path: (WORKED_ON[toDo.work] ?? plan)(task)
		};
	}
	return {
		what: saying('task.do', told),
		why: saying('task.why', told),
		figure,
		path: DONE_AT[toDo.kind](task)
	};
}

type Path = (task: Task) => string;
const bench: Path = ({ lot }) => `/bench/${lot}`;
const tests: Path = ({ lot }) => `/lot/${lot}/tests`;
const walk: Path = ({ plantingId }) => `/walk/${plantingId}`;
const plan: Path = ({ plantingId }) => `/desk?planting=${plantingId}`;
const flowers: Path = ({ plantingId }) => `/pollination/${plantingId}`;
const sown: Path = ({ plantingId }) => `/sown/${plantingId}`;
const order: Path = ({ orderId }) => `/stall/orders/${orderId}`;
const stallDay: Path = ({ stallDayId }) => `/stall/days/${stallDayId}`;
const stand: Path = ({ plantingId }) => `/stand/${plantingId}`;

const DONE_AT: Record<Exclude<Kind, 'Planned'>, Path> = {
	Rinse: bench,
	TakeOutOfWash: bench,
	Stir: bench,
	WalkStage: walk,
	WalkFirst: walk,
	WalkOn: walk,
	WalkOver: walk,
	SayWhatWasSown: sown,
	DecideRipening: plan,
	LookAtBloom: walk,
	SeePromiseKept: ({ neighbourId, toDo }) =>
		`/field?season=${'season' in toDo ? toDo.season : ''}&plot=${neighbourId}`,
	LookWhetherRipe: ({ plantingId }) => `/harvest/${plantingId}`,
	WeighHarvest: ({ plantingId, lot }) => `/harvest/${plantingId}?lot=${lot}`,
	PutWeightsRight: bench,
	NextStep: bench,
	WeighOut: bench,
	TrayTooWarm: bench,
	TrayRewetted: bench,
	TrayForgotten: bench,
	WeighTray: bench,
	Freeze: tests,
	LookForWeevils: tests,
	WeighSeed: tests,
	WeighSeedAgain: tests,
	TestGermination: tests,
	TestMore: tests,
	Retest: tests,
	TestAnew: tests,
	RepeatTest: tests,
	CountGermination: tests,
	DecideHold: ({ lot }) => `/lot/${lot}`,
	DecideIsolation: plan,
	DecideRing: (task) => `${walk(task)}/found`,
	Pollinate: flowers,
	SeeWhatTook: (task) => `${flowers(task)}#took`,
	Shake: (task) => `${flowers(task)}#covers`,
	Pack: ({ lot }) => `/stall/${lot}`,
	SellAtStall: stallDay,
	CountStallDay: stallDay,
	FillOrder: order,
	DeliverOrder: order,
	AskForPayment: order
};

/** Where planned work has a page of its own. */
const WORKED_ON: Partial<Record<Planned, Path>> = {
	SOW: sown,
	CLOSE_BUDS: flowers,
	COVER: flowers,
	BRING_INSECTS: flowers,
	UNCOVER: flowers,
	WATCH_RIPENING: ({ plantingId }) => `/ripening/${plantingId}`,
	LIFT: stand,
	CHECK_STORE: stand,
	REPLANT: stand
};

/** How many wait, and the one that cannot: "nine tasks wait; the Small Hours tomato cannot". */
export function waiting(tasks: Task[]): string {
	const pressing = tasks.find((task) => task.urgent);
	return pressing
		? `${howMany(tasks.length)}; ${pressing.orderId ? `the order of ${pressing.variety}` : pressing.stallDayId ? `the stall, ${pressing.variety},` : `the ${pressing.variety} ${cropWord(pressing.crop)}`} cannot`
		: howMany(tasks.length);
}

/** "nine tasks wait", said in words where words are short. */
function howMany(count: number): string {
	const words = [
		'nothing waits',
		'one task waits',
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
	return `${words[count] ?? whole(count)} tasks wait`;
}

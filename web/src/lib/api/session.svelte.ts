import { forgetAnswers, unanswered } from '$lib/offline/known';
import { signal } from '$lib/offline/signal.svelte';
import { reader } from '$lib/words/reader.svelte';
import { ask, DELETE, GET, POST, PUT, whenSignedOut, type Schemas } from './api';
import { keepSession, keptSession } from './keptSession';

type Account = Schemas['AccountView'];
type FirstRun = Schemas['FirstRunRequest'];

/** Who is signed in, on which farm, and what time it is there. */
class Session {
	#now = $state<Schemas['Session']>();
	/** Signed out in the middle of something, by whomever: what is open stays until somebody signs in. */
	away = $state(false);
	#enter = () => {};
	/** Kept as soon as somebody is in: what only they may read is asked then. */
	entered = this.#closed();

	constructor() {
		whenSignedOut(() => {
			if (this.account) this.away = true;
		});
	}

	get ready() {
		return this.#now !== undefined;
	}
	get firstRun() {
		return this.#now?.firstRun ?? false;
	}
	get account() {
		return this.#now?.account;
	}
	get farm() {
		return this.#now?.farm;
	}
	get today() {
		return this.#now?.today ?? '';
	}
	/** The season that grows now. */
	get season() {
		return this.#now?.season ?? Number(this.today.slice(0, 4));
	}
	/** Whether the farm's winter falls in the middle of the calendar year. */
	get south() {
		return (this.farm?.spot.lat ?? 0) < 0;
	}
	get now() {
		return this.#now?.now ?? '';
	}
	/** Of the program that answers. */
	get version() {
		return this.#now?.version ?? '';
	}
	get units() {
		return this.account?.units ?? 'METRIC';
	}
	get grower() {
		return this.account?.role === 'GROWER';
	}
	/** Whether rows, bench and tests may be worked, not only looked at. */
	get works() {
		return this.grower || this.account?.role === 'HAND';
	}

	async load() {
		try {
			const now = await ask(GET('/api/session'));
			signal.heard();
			this.#hear(now);
		} catch (wrong) {
			const kept = unanswered(wrong) ? keptSession() : undefined;
			if (!kept) throw wrong;
			signal.lose(kept.askedAt);
			this.#take(kept.session);
		}
	}
	async signIn(name: string, password: string) {
		const before = this.away ? this.account?.name : undefined;
		const now = (await ask(POST('/api/session', { body: { name, password } }))) as Schemas['Session'];
		if (before !== undefined && before !== now.account?.name) {
			// What somebody else had open is nothing of theirs.
			await forgetAnswers();
			location.assign('/today');
			return;
		}
		this.#hear(now);
		this.away = false;
	}
	/** With the end of a link, and the password chosen by it. */
	async comeIn(secret: string, password: string) {
		await forgetAnswers();
		this.#hear(await ask(POST('/api/session/entry/password', { body: { secret, password } })));
	}
	async begin(farm: FirstRun) {
		this.#hear(await ask(POST('/api/first-run', { body: farm })));
	}
	async signOut() {
		await ask(DELETE('/api/session'));
		await forgetAnswers();
		await this.load();
	}
	async prefer(preferences: Pick<Account, 'units' | 'theme' | 'locale'>) {
		const account = await ask(PUT('/api/session/preferences', { body: preferences }));
		if (this.#now) this.#hear({ ...this.#now, account });
	}

	/** A door that nobody went through yet. */
	#closed() {
		return new Promise<void>((enter) => (this.#enter = enter));
	}
	#hear(session: Schemas['Session']) {
		keepSession(session);
		this.#take(session);
	}
	#take(session: Schemas['Session']) {
		const wasIn = this.account !== undefined;
		this.#now = session;
		if (session.account) this.#enter();
		else if (wasIn) this.entered = this.#closed();
		reader.locale = session.account?.locale ?? 'en-GB';
		reader.units = this.units;
		reader.today = this.today;
		reader.now = this.now;
		const theme = session.account?.theme ?? 'SYSTEM';
		if (theme === 'SYSTEM') delete document.documentElement.dataset.theme;
		else document.documentElement.dataset.theme = theme.toLowerCase();
	}
}

export const session = new Session();

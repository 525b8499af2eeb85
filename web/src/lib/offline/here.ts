import { outbox } from './outbox.svelte';

/**
 * Makes a request one that needs no signal: it is kept on this phone before it is sent. What the server says within a
 * moment is answered as ever, a refusal too; what it does not hear is sent later, and the answer is empty until then.
 *
 * @param says what is done, in words, for the list of what waits
 * @param made whether it carries when it was made; else its day is typed
 * @param inOrder whether it is nothing without what was done on the same page before
 */
export function here(says: string, { made = false, inOrder = false } = {}) {
	return {
		fetch: (request: Request) => outbox.hand(request, { says, dayTyped: !made, inOrder })
	};
}
